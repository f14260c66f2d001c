<?php

declare(strict_types=1);

namespace App\Http\Controllers\Money;

use App\Actions\Money\ImportBank;
use App\Actions\Money\KeepMoney;
use App\Http\Requests\AskRequest;
use App\Http\Requests\Money\BankRequest;
use App\Http\Requests\Money\ColumnsRequest;
use App\Http\Requests\Money\SettingsRequest;
use App\Http\Requests\Money\TaxRequest;
use App\Http\Requests\Money\YearCostsRequest;
use App\Models\House\Shop;
use App\Models\Money\HouseTax;
use App\Models\People\Person;
use App\Pages\Page;
use App\Queries\Money\BankPage;
use App\Queries\Money\EarnedPage;
use App\Queries\Money\MoneyPage;
use App\Queries\Money\MonthsTable;
use App\Queries\Money\RatePage;
use App\Queries\Money\SettingsPage;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Regimen\Units\UnreadableFile;

/** The shop’s money: what is owed and comes in, what it earned, what an hour must bring, the bank’s file. */
final class MoneyController
{
    public function show(MoneyPage $page): Page
    {
        return $page->data();
    }

    public function earned(AskRequest $request, EarnedPage $page, ?int $year = null): Page
    {
        return $page->data($request->string('by')->toString(), $year);
    }

    public function file(int $year, string $which, MonthsTable $table): Response
    {
        abort_unless(in_array($which, ['months', 'papers'], true), 404);

        return response($which === 'months' ? $table->months($year) : $table->papers($year), 200, ['Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => "attachment; filename=\"{$which}-{$year}.csv\""]);
    }

    public function rate(RatePage $page): Page
    {
        return $page->data();
    }

    public function costs(YearCostsRequest $request, KeepMoney $keep): RedirectResponse
    {
        $keep($request->person(), Shop::current(), $request->version(), ['year_wages_minor' => $request->money('wages')?->minor, 'year_overhead_minor' => $request->money('overhead')?->minor], 'What a year costs');

        return back()->with('done', 'Saved.');
    }

    public function bank(BankPage $page): Page
    {
        return $page->data();
    }

    public function columns(ColumnsRequest $request, KeepMoney $keep): RedirectResponse
    {
        $keep($request->person(), Shop::current(), $request->version(), ['bank_columns' => $request->columns()], 'How the bank names its columns');

        return back()->with('done', 'Saved. Now choose the file.');
    }

    public function look(BankRequest $request, BankPage $page): JsonResponse
    {
        return response()->json($page->look($request->bytes()));
    }

    public function take(BankRequest $request, BankPage $page, ImportBank $import): RedirectResponse
    {
        try {
            $file = $page->read($request->bytes());
        } catch (UnreadableFile $refused) {
            throw Refused::because($refused->getMessage()."\nNothing was taken.", 'file');
        }
        $taken = $import($request->person(), $file, $request->chosen());

        return redirect()->route('money')->with('done', $taken === 0 ? 'Nothing of it was new.' : Say::count($taken, 'payment').' recorded.');
    }

    public function settings(SettingsPage $page): Page
    {
        return $page->data();
    }

    public function keepSettings(SettingsRequest $request, KeepMoney $keep): RedirectResponse
    {
        $keep($request->person(), Shop::current(), $request->version(), $request->attributesToSave(), 'Who sells, and how a price is paid');

        return back()->with('done', 'Saved.');
    }

    public function setTax(TaxRequest $request, KeepMoney $keep): RedirectResponse
    {
        $keep->setTax($request->person(), $request->string('country')->toString(), trim($request->string('name')->toString()), $request->rate());

        return back()->with('done', 'Saved.');
    }

    public function dropTax(HouseTax $tax, KeepMoney $keep, #[CurrentUser] Person $viewer): RedirectResponse
    {
        $keep->dropTax($viewer, $tax);

        return back()->with('done', 'Taken out.');
    }
}
