export default function Loading() {
  return (
    <div className="page" role="status">
      <p className="dim">Fetching …</p>
    </div>
  );
}
