<?php

declare(strict_types=1);

namespace Tests\Feature\Money;

use App\Models\Build\Build;
use App\Models\House\Shop;
use App\Models\Money\PaymentPart;
use App\Models\People\TimeEntry;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Regimen\Formats\CsvTable;
use Tests\TestCase;

/** What an instrument earned, what its price is made of, what an hour must bring. */
final class EarnedTest extends TestCase
{
    use SellsThings;

    /** Finished, with 50 hours of one and 10 of the other, and 600.00 of material. */
    private function finish(): void
    {
        $operation = $this->build->operations()->firstOrFail();
        foreach ([[$this->maker->id, 3_000, 3_000], [$this->manager->id, 600, 5_000]] as [$person, $minutes, $rate]) {
            TimeEntry::query()->create(['operation_id' => $operation->id, 'person_id' => $person, 'minutes' => $minutes, 'worked_on' => '2026-03-16', 'rate_minor' => $rate, 'source' => 'entered']);
        }
        DB::table('kit_lines')->update(['used' => 0]);
        $line = DB::table('kit_lines')->where('name', 'bridge')->first() ?? throw new \LogicException('No bridge.');
        DB::table('kit_lines')->where('id', $line->id)->update(['used' => $line->quantity, 'state' => 'used', 'cost_minor' => 60_000, 'arrived_on' => '2026-03-10']);
        $this->build->update(['status' => 'finished', 'finished_at' => '2026-03-17 10:00:00']);
    }

    public function test_an_hour_is_what_is_left_of_the_price_over_the_hours_by_everything_that_is_asked(): void
    {
        $this->get('/money/earned')->assertInertia(fn (AssertableInertia $page) => $page->where('headline', 'Nothing with a price was finished in 2026')->where('all', null)->etc());
        $this->finish();
        // By hand: 5,000 less 19 % tax is 4,201.68; less 600.00 it is 3,601.68; over 60 h it is 60.03.
        $this->get('/money/earned')->assertInertia(fn (AssertableInertia $page) => $page->component('money/Earned')
            ->where('headline', 'An hour brought 60.03 EUR; the house reckons with 48.00')->where('rows.0.left', '3,601.68')->where('rows.0.hours', '60')->where('rows.0.isBelow', false)->etc());
        foreach (['model', 'client', 'month'] as $by) {
            $this->get("/money/earned/2026?by={$by}")->assertInertia(fn (AssertableInertia $page) => $page->has('rows', 1)->where('rows.0.left', '3,601.68')->etc());
        }
        // Among makers by their hours: 50 of 60 and 10 of 60, and no cent is lost.
        $rows = $this->get('/money/earned/2026?by=maker')->inertiaProps('rows');
        $this->assertSame([['Ines', '600.28'], ['Tobias', '3,001.40']], collect($rows)->sortBy('name')->map(static fn (array $row): array => [$row['name'], $row['left']])->values()->all());
        $this->get('/money/earned/1999?by=nonsense')->assertOk();
    }

    public function test_quoted_against_what_it_came_to_says_why(): void
    {
        $this->finish();
        $page = $this->get('/builds/1/money')->inertiaProps();
        $why = array_column($page['why'], 'value', 'name');
        $minor = static fn (string $value): int => (int) round(100 * (float) str_replace([',', ' EUR', '+'], '', $value));
        $sum = array_sum(array_map($minor, array_diff_key($why, ['Together' => ''])));
        $this->assertSame($minor($why['Together']), $sum, 'the parts sum to the whole');
        // The other way: 50 h at 30 and 10 h at 50 with 600 of material, against what was estimated.
        $this->assertSame(150_000 + 50_000 + 60_000 - $this->build->estimated_labour_minor - $this->build->estimated_material_minor, $sum);
    }

    public function test_a_price_says_what_it_is_made_of_and_what_it_would_be_otherwise(): void
    {
        $made = fn (string $query = ''): array => array_column($this->get("/builds/1/money{$query}")->inertiaProps('made'), 'value', 'name');
        $minor = static fn (string $value): int => (int) round(100 * (float) str_replace([',', ' EUR'], '', $value));
        $usual = array_map($minor, $made());
        $this->assertSame($usual['What it costs'], $usual['Labour'] + $usual['Material'] + $usual['Overhead']);
        $this->assertSame($usual['Price'], $usual['Price without tax'] + $usual['Tax']);
        $this->assertSame($usual['Labour'], (int) $this->build->estimated_labour_minor, 'as it was estimated');
        $markUp = array_map($minor, $made('?way=mark-up&share=15'));
        $this->assertSame((int) round($usual['What it costs'] * 1.15), $markUp['Price without tax']);
        $this->assertSame((int) round($usual['Price without tax'] * 0.9), array_map($minor, $made('?discount=10'))['Price without tax']);
        $this->assertLessThan($usual['Labour'], array_map($minor, $made('?pieces=4'))['Labour'], 'set-ups are shared');
        $this->assertLessThan($usual['Labour'], array_map($minor, $made('?by=people'))['Labour'], 'the maker’s rate is lower');
        $this->assertNotSame($usual['Material'], array_map($minor, $made('?timber-top=black+walnut'))['Material']);
        $choices = $this->get('/builds/1/money')->inertiaProps('choices');
        $tools = array_values(array_filter($choices, static fn (array $one): bool => str_starts_with($one['key'], 'tool-')));
        $others = [];
        foreach ($tools as $tool) {
            foreach (array_diff(array_column($tool['options'], 'value'), [$tool['value']]) as $other) {
                $others[] = array_map($minor, $made("?{$tool['key']}={$other}"))['Labour'] ?? null;
            }
        }
        $this->assertNotSame([], array_filter($others, static fn (?int $labour): bool => $labour !== null && $labour < $usual['Labour']), 'another tool saves hours somewhere');
        foreach (['?share=x' => '“x” is no share. Write percent, such as 12.5.', '?way=margin&share=100' => 'A margin is a share of the price, from 0 to below 1.', '?pieces=13' => 'One to twelve can be made together.', '?rate=much' => '“much”'] as $query => $says) {
            $this->assertStringContainsString($says, $this->get("/builds/1/money{$query}")->inertiaProps('problem'));
        }
        $this->build->update(['price_minor' => 200_000]);
        $this->assertStringContainsString('below what it costs', $this->get('/builds/1/money')->inertiaProps('against'));
    }

    public function test_what_was_built_for_stock_is_sold_and_invoiced(): void
    {
        $this->post('/commissions', ['purpose' => 'stock', 'specification' => self::SPECIFICATION])->assertSessionHasNoErrors();
        $sell = fn (array $said) => $this->post('/builds/2/money/sell', ['version' => Build::query()->where('number', 2)->value('version'), 'client' => 1, 'price' => '6000', ...$said]);
        $sell(['client' => ''])->assertSessionHasErrors('client');
        $sell(['client' => 99])->assertSessionHasErrors('client');
        $sell(['price' => '0'])->assertSessionHasErrors('price');
        $sell([])->assertSessionHasNoErrors();
        $sell([])->assertSessionHasErrors(['client' => '2 · Stock has a client already.']);
        $this->assertSame([120_000, 480_000], PaymentPart::query()->where('build_id', 2)->orderBy('id')->pluck('amount_minor')->all());
        $this->get('/builds/2/money')->assertInertia(fn (AssertableInertia $page) => $page->where('headline', '6,000.00 EUR agreed, 0.00 EUR paid')->where('client', 'Clara Fennimore')->etc());
    }

    public function test_a_price_below_cost_is_taken_and_said(): void
    {
        $form = ['purpose' => 'commission', 'client' => 'Bodil Rask', 'promised_on' => '2026-09-30', 'specification' => self::SPECIFICATION];
        $this->post('/commissions', [...$form, 'price' => '1190'])->assertSessionHas('done', function (string $said): bool {
            return preg_match('/^No\. 2 is on the plan\. Without tax the price is ([\d,.]+) EUR below what it costs: ([\d,.]+) EUR of labour, material and overhead\.$/', $said, $found) === 1
                && abs((float) str_replace(',', '', $found[2]) - (float) str_replace(',', '', $found[1]) - 1_000) < 0.005;
        });
        $this->post('/commissions', [...$form, 'price' => '9000'])->assertSessionHas('done', 'No. 3 is on the plan.');
    }

    public function test_by_effort_the_price_is_what_it_came_to_and_the_agreed_one_its_ceiling(): void
    {
        $this->put('/builds/1/money/price', ['version' => $this->build->version, 'way' => 'effort'])->assertSessionHasNoErrors();
        $this->put('/builds/1/money/price', ['version' => $this->build->refresh()->version, 'way' => 'free'])->assertSessionHasErrors('way');
        TimeEntry::query()->create(['operation_id' => $this->build->operations()->firstOrFail()->id, 'person_id' => $this->maker->id, 'minutes' => 3_000, 'worked_on' => '2026-03-16', 'rate_minor' => 3_000, 'source' => 'entered']);
        // By hand: 50 h at 30 are 1,500, with 12 % overhead 1,680, at a margin of 15 % 1,976.47, with 19 % tax 2,352.00.
        $this->get('/builds/1/money')->assertInertia(fn (AssertableInertia $page) => $page->where('effort', '2,352.00 EUR')->etc());
        $this->write(0);
        $this->write(1);
        $this->post('/builds/1/money/settle', ['version' => 0])->assertSessionHasErrors('conflict');
        $this->post('/builds/1/money/settle', ['version' => $this->build->refresh()->version])->assertSessionHasErrors('conflict');
        TimeEntry::query()->update(['minutes' => 6_000]);
        $this->post('/builds/1/money/settle', ['version' => $this->build->refresh()->version])->assertSessionHasNoErrors();
        $this->assertSame([470_400, 'fixed', 470_400], [$this->build->refresh()->price_minor, $this->build->price_by, (int) PaymentPart::query()->sum('amount_minor')]);
        $this->post('/builds/1/money/settle', ['version' => $this->build->version])->assertSessionHasErrors('conflict');
    }

    public function test_what_an_hour_must_bring_comes_from_the_year_and_says_what_it_does_not_know(): void
    {
        $this->get('/money/rate')->assertInertia(fn (AssertableInertia $page) => $page->where('headline', 'Say what a year costs; then it is known what an hour must bring')->has('shares', 0)->etc());
        $this->put('/money/rate', ['version' => Shop::current()->version, 'wages' => 'much', 'overhead' => '1'])->assertSessionHasErrors('wages');
        $this->put('/money/rate', ['version' => Shop::current()->version, 'wages' => '60000', 'overhead' => '18000'])->assertSessionHasNoErrors();
        $page = $this->get('/money/rate')->inertiaProps();
        $this->assertStringContainsString('the usual (common practice), until 200 hours in half a year are recorded', $page['rows'][1]['because']);
        // By the definition: 78,000 over the hours that are sold.
        $sold = (float) str_replace(' h', '', $page['rows'][2]['value']);
        $this->assertEqualsWithDelta(78_000 / $sold, (float) str_replace(' EUR', '', $page['rows'][4]['value']), 0.02);
    }

    public function test_the_accountants_tables_sum_to_what_the_pages_say(): void
    {
        $invoice = $this->write(0);
        $this->pay($invoice, '1500');
        $this->write(1);
        $this->post("/invoices/{$invoice->id}/cancel", ['because' => 'wrong'])->assertSessionHasNoErrors();
        $months = CsvTable::read((string) $this->get('/money/2026/months.csv')->assertOk()->getContent());
        $march = array_combine($months->columns, $months->rows[4]);
        $this->assertSame(['2026-03', '3', '1000.00', '1500.00', 'EUR'], [$march['month'], $march['invoices'], $march['with tax'], $march['came'], $march['currency']]);
        $papers = CsvTable::read((string) $this->get('/money/2026/papers.csv')->assertOk()->getContent());
        $column = static fn (string $name): array => array_column(array_map(static fn (array $row): array => array_combine($papers->columns, $row), $papers->rows), $name);
        $this->assertSame([['2026-0001', '2026-0002', '2026-0003'], 1_000.0], [$column('number'), array_sum(array_map(floatval(...), $column('to be paid')))]);
        $this->assertEqualsWithDelta((float) $march['net'], array_sum(array_map(floatval(...), $column('net'))), 0.001);
        $this->get('/money/2026/other.csv')->assertNotFound();
    }
}
