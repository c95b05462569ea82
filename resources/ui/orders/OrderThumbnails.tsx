import type { OrderFace } from '@/api/types';
import { Silhouette } from '@/silhouette/Silhouette';

const HIGH = 66;
const WIDE = 84;

/** What one knows an order by: its first prints, each as large as its place allows. */
export function OrderThumbnails({ prints }: { prints: OrderFace[] }) {
    if (prints.length === 0) {
        return (
            <div className="grid h-[66px] w-24 place-items-center border border-dashed border-rule text-small text-soft">
                empty
            </div>
        );
    }
    return (
        <div className="flex h-[66px] items-center gap-2.5 overflow-hidden" aria-hidden="true">
            {prints.map((print) => (
                <Silhouette
                    key={print.id}
                    drawing={print.drawing}
                    picture={print.picture}
                    scale={
                        print.drawing ? Math.min(HIGH / print.drawing.hung.size.height, WIDE / print.drawing.hung.size.width) : 1
                    }
                    label=""
                />
            ))}
        </div>
    );
}
