import { places } from '@/state/places';
import { Link } from '@/ui/Link';

export default function NotFound() {
  return (
    <div className="page">
      <h1>Nothing is here</h1>
      <p>
        The rig may have been deleted. <Link href={places.shelf}>Back to the shelf</Link>
      </p>
    </div>
  );
}
