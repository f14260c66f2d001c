<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Kit\OrderPart;
use App\Actions\Kit\RecordArrival;
use App\Actions\Kit\RecordParcel;
use App\Actions\Kit\ReplacePart;
use App\Actions\Kit\UseMaterial;
use App\Http\Requests\Kit\OrderRequest;
use App\Http\Requests\Kit\ParcelOrderRequest;
use App\Http\Requests\Kit\ParcelRequest;
use App\Http\Requests\Kit\UseRequest;
use App\Http\Requests\Kit\WriteOffRequest;
use App\Http\Requests\VersionRequest;
use App\Models\Build\KitLine;
use App\Support\Say;
use Illuminate\Http\RedirectResponse;
use Regimen\Units\Money;

final class KitController
{
    public function order(KitLine $line, OrderRequest $request, OrderPart $orderPart): RedirectResponse
    {
        $cost = $request->money('cost');
        assert($cost instanceof Money);
        $orderPart($request->person(), $line, $request->version(), $request->string('expected_on')->toString(), $cost);

        return back()->with('done', "{$line->name} is on order.");
    }

    public function arrival(KitLine $line, VersionRequest $request, RecordArrival $recordArrival): RedirectResponse
    {
        $recordArrival($request->person(), $line, $request->version());

        return back()->with('done', "{$line->name} has arrived. Measure it before it is relied on.");
    }

    public function parcel(ParcelRequest $request, RecordParcel $parcel): RedirectResponse
    {
        $count = $parcel->arrived($request->person(), $request->versions());

        return back()->with('done', Say::count($count, 'part has', 'parts have').' arrived. Measure before anything is relied on.');
    }

    public function orders(ParcelOrderRequest $request, RecordParcel $parcel): RedirectResponse
    {
        $count = $parcel->ordered($request->person(), $request->versions(), $request->string('expected_on')->toString());

        return back()->with('done', Say::count($count, 'part is', 'parts are').' on order.');
    }

    public function use(KitLine $line, UseRequest $request, UseMaterial $useMaterial): RedirectResponse
    {
        $useMaterial($request->person(), $line, $request->version(), $request->quantity('quantity'));

        return back()->with('done', "{$line->name} taken from the kit.");
    }

    public function writeOff(KitLine $line, WriteOffRequest $request, ReplacePart $replacePart): RedirectResponse
    {
        $replacePart(
            $request->person(), $line, $request->version(), $request->quantity('quantity'),
            $request->string('because')->toString(),
        );

        return back()->with('done', "{$line->name} written off; it is needed again.");
    }
}
