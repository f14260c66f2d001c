<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Actions\Parts\MailOrder;
use App\Actions\Parts\OrderParts;
use App\Actions\Parts\ReceiveParcel;
use App\Documents\OrderPdf;
use App\Documents\Paper;
use App\Http\Controllers\Sheet;
use App\Http\Requests\Parts\CallOffOrderRequest;
use App\Http\Requests\Parts\ExpectRequest;
use App\Http\Requests\Parts\ParcelRequest;
use App\Http\Requests\Parts\PlaceOrderRequest;
use App\Http\Requests\VersionRequest;
use App\Models\Parts\PartOrder;
use App\Models\Parts\Supplier;
use App\Models\People\Person;
use App\Pages\Page;
use App\Queries\Parts\OrderPage;
use App\Support\Say;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** Orders: placed, sent, expected, and what came of them. */
final class OrderController
{
    public function place(PlaceOrderRequest $request, OrderParts $order): RedirectResponse
    {
        $placed = $order->place($request->person(), Supplier::query()->findOrFail($request->integer('supplier')), $request->asked(), [
            'expected_on' => $request->string('expected_on')->toString(), 'express' => $request->boolean('express'), 'note' => trim($request->string('note')->toString()),
        ]);

        return redirect()->route('stores.orders.one', $placed->id)->with('done', "Order {$placed->id} is placed. Send it: by mail from here, or printed.");
    }

    public function show(PartOrder $order, OrderPage $page, #[CurrentUser] Person $viewer): Page
    {
        return $page->data($order, $viewer);
    }

    public function sheet(PartOrder $order, string $paper, OrderPdf $pdf): Response
    {
        return Sheet::of($pdf->of($order, Sheet::paper($paper)), "order-{$order->id}");
    }

    public function file(PartOrder $order, OrderPdf $pdf): Response
    {
        return response($pdf->csv($order), 200, ['Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => "attachment; filename=\"order-{$order->id}.csv\""]);
    }

    public function mail(PartOrder $order, VersionRequest $request, MailOrder $mail, OrderPdf $pdf, #[CurrentUser] Person $viewer): RedirectResponse
    {
        $mail($viewer, $order->load('supplier'), $request->version(), $pdf->of($order, Paper::A4), $pdf->csv($order));

        return back()->with('done', "Order {$order->id} is on its way to {$order->supplier->email}.");
    }

    public function expect(PartOrder $order, ExpectRequest $request, OrderParts $orders): RedirectResponse
    {
        $orders->expect($request->person(), $order, $request->version(), $request->string('expected_on')->toString());

        return back()->with('done', "Order {$order->id} is now expected ".Say::day($request->string('expected_on')->toString()).'.');
    }

    public function callOff(PartOrder $order, CallOffOrderRequest $request, OrderParts $orders): RedirectResponse
    {
        $orders->callOff($request->person(), $order, $request->version(), trim($request->string('because')->toString()));

        return back()->with('done', "Order {$order->id} is called off; what it lacks is needed again.");
    }

    public function receive(PartOrder $order, ParcelRequest $request, ReceiveParcel $receive): RedirectResponse
    {
        $receive($request->person(), $order->load('supplier'), $request->version(), $request->came($order), $request->freight(), $request->boolean('all'));

        return back()->with('done', 'The parcel is taken in. Measure before anything of it is relied on.');
    }
}
