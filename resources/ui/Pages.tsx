import { Navigate, Route, Routes, useLocation } from 'react-router';
import { useDoor } from './api/people';
import { Bench } from './bench/Bench';
import { Loading } from './common/Loading';
import { HouseFinishesPage } from './house-finishes/HouseFinishesPage';
import { LabPage, NewLab } from './labs/LabPage';
import { LabsPage } from './labs/LabsPage';
import { LookAtEach } from './review/LookAtEach';
import { MakePage } from './make/MakePage';
import { OrderSheetPage } from './order-sheet/OrderSheetPage';
import { Orders } from './orders/Orders';
import { ChoosePassword } from './sign-in/ChoosePassword';
import { FirstPage } from './sign-in/FirstPage';
import { ParcelPage } from './parcel/ParcelPage';
import { SignIn } from './sign-in/SignIn';
import { StudioPage } from './studio/StudioPage';
import { WallPage } from './wall/WallPage';

export function Pages() {
    const door = useDoor();
    const { pathname } = useLocation();
    if (pathname === '/choose-password') {
        return <ChoosePassword />;
    }
    if (door.isPending || door.isError) {
        return <Loading error={door.error ?? door.failureReason} />;
    }
    if (door.data.user === null) {
        if (door.data.isNew) {
            return <FirstPage />;
        }
        return pathname === '/sign-in' ? <SignIn /> : <Navigate to="/sign-in" state={{ to: pathname }} replace />;
    }
    return (
        <Routes>
            <Route path="/" element={<Orders />} />
            <Route path="/sign-in" element={<Navigate to="/" replace />} />
            <Route path="/orders/:order" element={<OrderSheetPage />} />
            <Route path="/orders/:order/lines/:line" element={<Bench />} />
            <Route path="/orders/:order/look" element={<LookAtEach />} />
            <Route path="/orders/:order/make" element={<MakePage />} />
            <Route path="/orders/:order/parcels" element={<ParcelPage />} />
            <Route path="/orders/:order/wall" element={<WallPage />} />
            <Route path="/labs" element={<LabsPage />} />
            <Route path="/labs/new" element={<NewLab />} />
            <Route path="/labs/:lab" element={<LabPage />} />
            <Route path="/studio" element={<StudioPage />} />
            <Route path="/house-finishes" element={<HouseFinishesPage />} />
            <Route path="*" element={<Loading title="There is no such page" error={new Error(`Nothing is at ${pathname}.`)} />} />
        </Routes>
    );
}
