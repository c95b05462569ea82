import { Navigate, Route, Routes, useLocation } from 'react-router';
import { useMe } from './api/people';
import { Bench } from './bench/Bench';
import { Loading } from './common/Loading';
import { HouseFinishesPage } from './house-finishes/HouseFinishesPage';
import { LabsPage } from './labs/LabsPage';
import { MakePage } from './make/MakePage';
import { OrderSheetPage } from './order-sheet/OrderSheetPage';
import { Orders } from './orders/Orders';
import { SignIn } from './sign-in/SignIn';
import { WallPage } from './wall/WallPage';

export function Pages() {
    const me = useMe();
    const { pathname } = useLocation();
    if (me.isPending || me.isError) {
        return <Loading error={me.error ?? me.failureReason} />;
    }
    if (me.data === null) {
        return pathname === '/sign-in' ? <SignIn /> : <Navigate to="/sign-in" state={{ to: pathname }} replace />;
    }
    return (
        <Routes>
            <Route path="/" element={<Orders />} />
            <Route path="/sign-in" element={<Navigate to="/" replace />} />
            <Route path="/orders/:order" element={<OrderSheetPage />} />
            <Route path="/orders/:order/lines/:line" element={<Bench />} />
            <Route path="/orders/:order/make" element={<MakePage />} />
            <Route path="/orders/:order/wall" element={<WallPage />} />
            <Route path="/labs" element={<LabsPage />} />
            <Route path="/house-finishes" element={<HouseFinishesPage />} />
            <Route path="*" element={<Loading error={new Error('There is no page of this address. Go back to all orders.')} />} />
        </Routes>
    );
}
