import { asked, type Query } from '@/app/asked';
import type { Metadata } from 'next';
import QRCode from 'qrcode';
import { Bench } from '@/features/bench/Bench';
import { shelf } from '@/server/rigs';

export const metadata: Metadata = { title: 'At the bench' };

export default async function Page({ searchParams }: { searchParams: Query }) {
  const rigs = await shelf(false);
  const { rig } = await asked(searchParams);
  const phone = process.env.UPWIND_PHONE || null;
  const address = phone && rig ? `${phone}/bench?rig=${encodeURIComponent(rig)}` : phone;
  const qr = address ? await QRCode.toDataURL(address, { margin: 1, width: 296 }) : null;
  return <Bench rigs={rigs} chosen={rigs.find((r) => r.id === rig) ?? null} phone={phone} qr={qr} />;
}
