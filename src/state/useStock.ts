'use client';
import { useAct } from './ask';
import { stockServer } from './server/stock';

/** What is done with the things of the drawer. Its page is drawn by the server, and asks for itself anew afterwards. */
export function useStock() {
  return {
    add: useAct(stockServer.add, []),
    save: useAct(stockServer.save, []),
    drop: useAct(stockServer.drop, []),
    takeWire: useAct(stockServer.takeWire, []),
  };
}
