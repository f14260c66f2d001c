<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\Actions\House\ChangeHouse;
use App\Actions\House\CloseDay;
use App\Documents\OrdersPdf;
use App\Http\Controllers\Sheet;
use App\Http\Requests\House\FinishRequest;
use App\Http\Requests\House\PriceRequest;
use App\Http\Requests\House\ResourceRequest;
use App\Http\Requests\House\ShopSettingsRequest;
use App\Http\Requests\House\StandardRequest;
use App\Http\Requests\Plan\DayRequest;
use App\Models\House\FinishStandard;
use App\Models\House\OperationStandard;
use App\Models\House\Price;
use App\Models\House\Resource;
use App\Models\House\Shop;
use App\Models\People\ClosedDay;
use App\Models\People\Person;
use App\Pages\Page;
use App\Queries\House\HousePage;
use App\Queries\House\PartsPage;
use App\Queries\House\PriceHistory;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response as Answer;

/** The house: its hours, rates, standards, stations, fixtures and prices. */
final class HouseController
{
    private const SAVED = 'Saved, and everything is planned again. Builds that have their route keep it.';

    public function show(HousePage $page): Page
    {
        return $page->data();
    }

    public function parts(PartsPage $page, #[CurrentUser] Person $viewer): Page
    {
        return $page->data($viewer);
    }

    public function orders(string $paper, PartsPage $page, OrdersPdf $pdf, #[CurrentUser] Person $viewer): Answer
    {
        return Sheet::of($pdf->of($page->data($viewer), Sheet::paper($paper)), "orders-{$paper}");
    }

    public function shop(ShopSettingsRequest $request, ChangeHouse $changeHouse): RedirectResponse
    {
        $changeHouse(
            $request->person(), Shop::current(), $request->version(), $request->attributesToSave(), 'the shop',
        );

        return back()->with('done', self::SAVED);
    }

    public function standard(
        OperationStandard $standard,
        StandardRequest $request,
        ChangeHouse $changeHouse,
    ): RedirectResponse {
        $changeHouse(
            $request->person(), $standard, $request->version(), $request->attributesToSave(),
            "standard “{$standard->name}”", because: $request->becauseWords(),
        );

        return back()->with('done', self::SAVED);
    }

    public function finish(FinishStandard $finish, FinishRequest $request, ChangeHouse $changeHouse): RedirectResponse
    {
        $changeHouse(
            $request->person(), $finish, $request->version(), $request->attributesToSave(),
            "finish “{$finish->system->value}”", because: $request->becauseWords(),
        );

        return back()->with('done', self::SAVED);
    }

    public function resource(Resource $resource, ResourceRequest $request, ChangeHouse $changeHouse): RedirectResponse
    {
        $changeHouse(
            $request->person(), $resource, $request->version(), $request->attributesToSave(), $resource->name,
        );

        return back()->with('done', self::SAVED);
    }

    public function price(Price $price, PriceRequest $request, ChangeHouse $changeHouse, PriceHistory $history): RedirectResponse
    {
        $before = $price->cost_minor;
        $changeHouse(
            $request->person(), $price, $request->version(), $request->attributesToSave(), "price of {$price->name}",
        );

        return back()->with('done', trim('Saved. Kits that have been made keep their prices. '.$history->rise($price->refresh(), $before)));
    }

    public function closeDay(DayRequest $request, CloseDay $closeDay): RedirectResponse
    {
        $closeDay->close(
            $request->person(), null, $request->string('date')->toString(), $request->string('note')->toString(),
        );

        return back()->with('done', 'Closed on that day, and planned around it.');
    }

    public function openDay(ClosedDay $closedDay, CloseDay $closeDay, #[CurrentUser] Person $by): RedirectResponse
    {
        $closeDay->reopen($by, $closedDay);

        return back()->with('done', 'A working day again.');
    }
}
