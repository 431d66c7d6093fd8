import Link from 'next/link';

export default function NotFound() {
  return (
    <div className="page">
      <h1>Nothing is here</h1>
      <p>
        The rig may have been deleted. <Link href="/">Back to the shelf</Link>
      </p>
    </div>
  );
}
