import { useState, type FormEvent } from 'react';
import { useAct } from '@/api/act';
import { choosePassword } from '@/api/people';
import { Button } from '@/common/Button';
import { Field } from '@/common/Field';
import { Door } from './Door';

/** Where a link leads by which somebody chooses a password. What it names stands behind the #, so that no log has it. */
export function ChoosePassword() {
    const [named] = useState(() => new URLSearchParams(window.location.hash.slice(1)));
    const [password, setPassword] = useState('');
    const email = named.get('email') ?? '';
    const choosing = useAct(() => choosePassword({ email, token: named.get('token') ?? '', password }), {
        onSuccess: () => window.location.assign('/sign-in'),
    });
    const submit = (event: FormEvent) => {
        event.preventDefault();
        choosing.mutate();
    };
    return (
        <Door title="Choose your password." onSubmit={submit}>
            <title>Choose your password · Planisher</title>
            {email === '' ? (
                <p role="alert">
                    This link isn’t whole. Open it just as it was given to you, or ask in the studio for a new one.
                </p>
            ) : (
                <>
                    <Field
                        label="E-mail"
                        type="email"
                        autoComplete="username"
                        readOnly
                        value={email}
                        className="max-w-80 bg-chrome"
                    />
                    <Field
                        label="A password, of twelve letters or more"
                        type="password"
                        autoFocus
                        autoComplete="new-password"
                        value={password}
                        onChange={(event) => setPassword(event.target.value)}
                        error={choosing.error?.message}
                        className="max-w-80"
                    />
                    <div className="mt-2">
                        <Button look="main" type="submit" disabled={choosing.isPending}>
                            Keep it and sign in
                        </Button>
                    </div>
                </>
            )}
        </Door>
    );
}
