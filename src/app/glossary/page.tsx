import type { Metadata } from 'next';
import { GLOSSARY } from '@/core/words/glossary';

export const metadata: Metadata = { title: 'Glossary' };

export default function Page() {
  const words = Object.values(GLOSSARY).toSorted((a, b) => a[0].localeCompare(b[0], 'en'));
  return (
    <div className="page prose">
      <h1>Glossary</h1>
      <dl>
        {words.map(([name, what]) => (
          <div key={name} style={{ margin: '14px 0' }}>
            <dt className="num" style={{ fontSize: 17 }}>
              {name}
            </dt>
            <dd style={{ margin: 0, fontSize: 15 }}>{what}</dd>
          </div>
        ))}
      </dl>
    </div>
  );
}
