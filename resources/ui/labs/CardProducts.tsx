import { useId } from 'react';
import type { ProductTexts } from '@/api/types';
import { Button } from '@/common/Button';
import { NO_PRODUCT, type CardDraft } from './useCardDraft';

const FIELDS: { name: keyof ProductTexts; label: string; hint: string; isLong?: boolean }[] = [
    { name: 'name', label: 'Name', hint: 'canvas, metal, mounted print' },
    { name: 'largestPiece', label: 'Largest piece', hint: 'the lab’s' },
    { name: 'sizes', label: 'Sizes', hint: 'the lab’s, unless it has its own' },
    { name: 'papers', label: 'Papers', hint: 'what it is printed on, of the card’s' },
    { name: 'ppi', label: 'Pixels per inch', hint: 'the lab’s' },
    { name: 'minimumPpi', label: 'At least', hint: 'the lab’s' },
    { name: 'mounts', label: 'Mounts', hint: 'foam board 5 mm +4.50, aluminium +18' },
    { name: 'options', label: 'Options', hint: 'rounded corners, hanging wire +3' },
    { name: 'prices', label: 'Prices', hint: '16 × 20 in  48.00', isLong: true },
];

/** What else the lab prints on, as it is read. */
export function ProductsSaid({ draft }: { draft: CardDraft }) {
    if (draft.typed.products.length === 0) {
        return <p className="text-soft">None named.</p>;
    }
    return (
        <ul className="flex flex-col gap-0.5">
            {draft.typed.products.map((product) => (
                <li key={product.name}>
                    {product.name}
                    <span className="text-soft">
                        {[
                            product.largestPiece && `up to ${product.largestPiece}`,
                            product.sizes && `in ${product.sizes}`,
                            product.papers && `on ${product.papers}`,
                            product.ppi && `${product.ppi} ppi`,
                            product.minimumPpi && `at least ${product.minimumPpi} ppi`,
                            product.mounts && `mounted: ${product.mounts}`,
                            product.options,
                            product.prices && `${product.prices.split('\n').length} prices`,
                        ]
                            .filter(Boolean)
                            .map((said) => `, ${said}`)
                            .join('')}
                    </span>
                </li>
            ))}
        </ul>
    );
}

/** The same, as it is filled in. */
export function ProductsTyped({ draft }: { draft: CardDraft }) {
    const { products } = draft.typed;
    return (
        <div className="flex max-w-[46rem] flex-col gap-5">
            {products.map((product, at) => (
                <fieldset key={at} aria-label={product.name || 'A product'} className="border-b border-rule pb-5">
                    <div className="grid grid-cols-2 gap-x-8 gap-y-2.5">
                        {FIELDS.map((field) => (
                            <OneField
                                key={field.name}
                                {...field}
                                value={product[field.name]}
                                onType={(value) =>
                                    draft.products(
                                        products.map((held, i) => (i === at ? { ...held, [field.name]: value } : held)),
                                    )
                                }
                            />
                        ))}
                    </div>
                    {draft.tried?.errors[`products.${at}`] && (
                        <p role="alert" className="mt-2 text-small text-stops">
                            {draft.tried.errors[`products.${at}`]}
                        </p>
                    )}
                    <button
                        type="button"
                        className="mt-2 text-row text-soft underline underline-offset-4 hover:text-stops"
                        onClick={() => draft.products(products.filter((_, i) => i !== at))}
                    >
                        Take {product.name || 'it'} off the card
                    </button>
                </fieldset>
            ))}
            <div>
                <Button onClick={() => draft.products([...products, NO_PRODUCT])}>Add a product</Button>
            </div>
        </div>
    );
}

interface OneFieldProps {
    label: string;
    hint: string;
    isLong?: boolean;
    value: string;
    onType: (value: string) => void;
}

function OneField({ label, hint, isLong, value, onType }: OneFieldProps) {
    const id = useId();
    const look = 'w-full rounded-sm border border-edge bg-white px-2 py-1';
    return (
        <div className={isLong ? 'col-span-2' : ''}>
            <label htmlFor={id} className="mb-0.5 block text-small text-soft">
                {label}
            </label>
            {isLong ? (
                <textarea
                    id={id}
                    rows={2}
                    value={value}
                    placeholder={hint}
                    onChange={(event) => onType(event.target.value)}
                    className={look}
                />
            ) : (
                <input
                    id={id}
                    value={value}
                    placeholder={hint}
                    autoComplete="off"
                    onChange={(event) => onType(event.target.value)}
                    className={look}
                />
            )}
        </div>
    );
}
