<?php

declare(strict_types=1);

namespace App\Http\Controllers\Clients;

use App\Actions\Clients\OrderChange;
use App\Http\Requests\Clients\ApproveRequest;
use App\Http\Requests\Clients\ChangeOrderRequest;
use App\Http\Requests\VersionRequest;
use App\Models\Build\Build;
use App\Models\Client\ChangeOrder;
use Illuminate\Http\RedirectResponse;

/** What a client has approved, and what was agreed to be different since. */
final class ChangeOrderController
{
    public function approve(Build $build, ApproveRequest $request, OrderChange $order): RedirectResponse
    {
        $order->approve($request->person(), $build, $request->integer('revision'), $request->by(), $request->how());

        return back()->with('done', 'Approved. From now on each difference is a change order.');
    }

    public function offer(Build $build, ChangeOrderRequest $request, OrderChange $order): RedirectResponse
    {
        $offered = $order->offer($request->person(), $build, $request->version(), trim($request->string('what')->toString()), $request->price(), $request->promisedOn());

        return back()->with('done', "Change order {$offered->number} is written. Nothing was sent, and nothing of the plan has changed.");
    }

    public function accept(ChangeOrder $order, ApproveRequest $request, OrderChange $change): RedirectResponse
    {
        $change->accept($request->person(), $order, $request->version(), $request->by(), $request->how());

        return back()->with('done', 'Accepted: the bench builds by the new revision.');
    }

    public function withdraw(ChangeOrder $order, VersionRequest $request, OrderChange $change): RedirectResponse
    {
        $change->withdraw($request->person(), $order, $request->version());

        return back()->with('done', 'Withdrawn. The plan is as it was.');
    }
}
