import { useState, type FormEvent } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { useAct } from '@/api/act';
import { useSignIn } from '@/api/people';
import { Button } from '@/common/Button';
import { Field } from '@/common/Field';
import { Door } from './Door';

export function SignIn() {
    const [email, setEmail] = useState('');
    const [password, setPassword] = useState('');
    const navigate = useNavigate();
    const wanted = (useLocation().state as { to?: string } | null)?.to;
    const signIn = useSignIn();
    const signingIn = useAct(() => signIn({ email, password }), {
        onSuccess: () => void navigate(wanted ?? '/', { replace: true }),
    });
    const submit = (event: FormEvent) => {
        event.preventDefault();
        signingIn.mutate();
    };
    return (
        <Door title="The order, ready for the lab." onSubmit={submit}>
            <Field
                label="E-mail"
                type="email"
                name="email"
                autoFocus
                autoComplete="username"
                value={email}
                onChange={(e) => setEmail(e.target.value)}
                className="max-w-80"
            />
            <Field
                label="Password"
                type="password"
                name="password"
                autoComplete="current-password"
                value={password}
                onChange={(e) => setPassword(e.target.value)}
                error={signingIn.error?.message}
                className="max-w-80"
            />
            <div className="mt-2">
                <Button look="main" type="submit" disabled={signingIn.isPending}>
                    Sign in
                </Button>
            </div>
        </Door>
    );
}
