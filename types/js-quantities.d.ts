declare module 'js-quantities' {
  export default function Qty(text: string): { to(unit: string): { scalar: number } };
}
