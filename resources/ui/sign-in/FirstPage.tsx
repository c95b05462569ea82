import { useState, type FormEvent } from 'react';
import { useNavigate } from 'react-router';
import { ApiError } from '@/api/client';
import { useAct } from '@/api/act';
import { useOpenStudio } from '@/api/people';
import { Button } from '@/common/Button';
import { Choice } from '@/common/Choice';
import { Field } from '@/common/Field';
import { Door } from './Door';

const FIELDS = [
    { name: 'studio', label: 'What the studio is called', type: 'text', autoComplete: 'organization' },
    { name: 'name', label: 'Your name', type: 'text', autoComplete: 'name' },
    { name: 'email', label: 'Your e-mail, to sign in with', type: 'email', autoComplete: 'username' },
    { name: 'password', label: 'A password, of twelve letters or more', type: 'password', autoComplete: 'new-password' },
] as const;

/** The first page of an empty instance: the studio, and the first person of it. */
export function FirstPage() {
    const navigate = useNavigate();
    const [said, setSaid] = useState({ studio: '', name: '', email: '', password: '' });
    const [unit, setUnit] = useState<'in' | 'cm' | null>(null);
    const openStudio = useOpenStudio();
    const opening = useAct(() => openStudio({ ...said, unit }), {
        onSuccess: () => void navigate('/labs/new', { replace: true }),
    });
    const errors = opening.error instanceof ApiError ? (opening.error.body.errors ?? {}) : {};
    const submit = (event: FormEvent) => {
        event.preventDefault();
        opening.mutate();
    };
    return (
        <Door title="A desk of your own." onSubmit={submit}>
            <title>A new studio · Planisher</title>
            {FIELDS.map(({ name, ...field }, at) => (
                <Field
                    key={name}
                    {...field}
                    name={name}
                    autoFocus={at === 0}
                    value={said[name]}
                    onChange={(event) => setSaid({ ...said, [name]: event.target.value })}
                    error={errors[name]?.[0]}
                    className="max-w-80"
                />
            ))}
            <div className="max-w-80">
                <p className="mb-1 text-small text-soft">Measured in</p>
                <Choice
                    label="Measured in"
                    value={unit}
                    options={[
                        { value: 'in', label: 'Inches', note: '8 × 10 in' },
                        { value: 'cm', label: 'Centimetres', note: '20 × 30 cm' },
                    ]}
                    onChoose={setUnit}
                />
                {errors.unit && (
                    <p role="alert" className="mt-1 text-small text-stops">
                        {errors.unit[0]}
                    </p>
                )}
            </div>
            {opening.error && Object.keys(errors).length === 0 && (
                <p role="alert" className="text-small text-stops">
                    {opening.error.message}
                </p>
            )}
            <div className="mt-2">
                <Button look="main" type="submit" disabled={opening.isPending}>
                    Open the studio
                </Button>
            </div>
        </Door>
    );
}
