import { Cell, Head, Row } from './table';

/** The heads of a table's columns; one without text, over what is pressed in each line or over the names, is no head. */
export function Heads({ of }: { of: readonly string[] }) {
  return (
    <Head>
      <Row>
        {of.map((text) => (text ? <Cell key={text}>{text}</Cell> : <Cell key="none" component="td" />))}
      </Row>
    </Head>
  );
}
