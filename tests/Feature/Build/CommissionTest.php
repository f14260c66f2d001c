<?php

declare(strict_types=1);

namespace Tests\Feature\Build;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use App\Models\Build\OperationLink;
use App\Models\Build\SpecificationRevision;
use App\Models\Client\Client;
use App\Models\House\Price;
use App\Models\Plan\PlanEntry;
use Illuminate\Support\Arr;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class CommissionTest extends TestCase
{
    public function test_saving_makes_build_revision_route_kit_and_plan(): void
    {
        $this->openShop();
        $this->actingAs($this->manager)
            ->post('/commissions', self::form())
            ->assertSessionHasNoErrors()
            ->assertRedirect('/builds/1');

        $build = Build::query()->sole();
        $this->assertSame(
            ['Fennimore', 480_000, 190_000, '2026-08-31'],
            [$build->title, $build->price_minor, $build->deposit_minor, $build->promised_on],
        );
        $this->assertSame('Clara Fennimore', Client::query()->sole()->name);
        $revision = SpecificationRevision::query()->sole();
        $this->assertSame(
            [1, '1 3/4"', '43'],
            [$revision->number, $revision->client['layers'][0]['thickness'], $revision->client['nutWidth']],
        );
        $operations = Operation::query()->count();
        $this->assertGreaterThan(50, $operations);
        $this->assertSame($operations, PlanEntry::query()->whereNotNull('start')->count());
        $this->assertSame(0, Operation::query()->whereNull('baseline_start')->count());
        $this->assertSame(0, OperationLink::query()->where('reason', '')->count());
        $this->assertSame('needed', KitLine::query()->where('name', 'bridge')->sole()->state->value);
        $this->assertStringContainsString(
            'Commissioned by Clara Fennimore', LogEntry::query()->where('build_id', $build->id)->sole()->text,
        );
    }

    public function test_all_or_nothing(): void
    {
        $this->openShop();
        Price::query()->where('key', 'bridge')->delete();
        $this->actingAs($this->manager)->post('/commissions', self::form())->assertSessionHasErrors('conflict');
        $this->assertStringContainsString('bridge', session('errors')->first('conflict'));
        $this->assertSame(
            [0, 0, 0, 0],
            [
                Build::query()->count(), Client::query()->count(), Operation::query()->count(),
                SpecificationRevision::query()->count(),
            ],
        );
    }

    public function test_the_forecast_counts_what_is_promised_already(): void
    {
        $this->openShop();
        $ask = fn () => $this
            ->actingAs($this->manager)
            ->postJson('/commissions/forecast', ['specification' => self::SPECIFICATION, 'promised_on' => '2026-04-01'])
            ->assertOk()
            ->json('figures');
        $alone = $ask();
        $this->assertSame('late', $alone['verdict']);
        $this->assertMatchesRegularExpression('/^\d+(\.\d)? h$/', $alone['hours']);
        for ($i = 0; $i < 4; $i++) {
            $this->build();
        }
        $behind = $ask();
        $this->assertGreaterThan($alone['ready'], $behind['ready']);
        $this->assertSame($alone['material'], $behind['material']);
        $this->assertSame(4, Build::query()->count(), 'asking changes nothing');
    }

    public function test_a_build_taken_as_forecast_is_planned_for_the_date_that_was_shown(): void
    {
        $this->openShop();
        $this->build();
        $ready = $this
            ->actingAs($this->manager)
            ->postJson('/commissions/forecast', ['specification' => self::SPECIFICATION])
            ->json('figures.ready');
        $this->post('/commissions', [...self::form(), 'promised_on' => '2027-03-01'])->assertRedirect('/builds/2');
        $finish = PlanEntry::query()
            ->where('build_id', Build::query()->where('number', 2)->sole()->id)
            ->get()
            ->max('finish');
        $this->assertSame($ready, $finish->setTimezone('Europe/Berlin')->format('Y-m-d'));
    }

    public function test_a_forecast_of_something_that_cannot_be_built_says_what_is_wrong(): void
    {
        $this->openShop();
        $answer = $this
            ->actingAs($this->manager)
            ->postJson(
                '/commissions/forecast',
                ['specification' => [...self::SPECIFICATION, 'scale' => 'long', 'frets' => 'many']],
            )
            ->assertOk();
        $this->assertNull($answer->json('figures'));
        $this->assertSame(['scale', 'frets'], array_keys($answer->json('problems')));
        $this->assertSame(
            'six-string, solid, red alder',
            $this->postJson('/commissions/forecast', ['specification' => []])->assertOk()->json('figures.inOneLine'),
            'what is left out is the house’s',
        );
        Price::query()->where('key', 'bridge')->delete();
        $this->assertStringContainsString(
            'bridge',
            $this->postJson('/commissions/forecast', ['specification' => self::SPECIFICATION])
                ->assertOk()
                ->json('problems.house'),
        );
    }

    /** @return iterable<string, array{string, mixed, string}> field, value, what the answer says */
    public static function wrong(): iterable
    {
        yield 'no client' => ['client', '', 'needed'];
        yield 'no price' => ['price', '', 'needed'];
        yield 'a price in words' => ['price', 'a lot', 'can\'t be read'];
        yield 'a price below zero' => ['price', '-4', 'below zero'];
        yield 'an absurd price' => ['price', '99999999999999', 'larger than'];
        yield 'a deposit over the price' => ['deposit', '9000', 'more than the price'];
        yield 'a promise in the past' => ['promised_on', '2026-03-17', 'past'];
        yield 'no day' => ['promised_on', '2026-02-30', 'no day of the calendar'];
        yield 'a day in words' => ['promised_on', 'soon', 'can\'t be read'];
        yield 'a century away' => ['promised_on', '2126-01-01', 'Check the year'];
        yield 'negative nut' => ['specification.nutWidth', '-43', 'below zero'];
        yield 'absurd nut' => ['specification.nutWidth', '99999999999', 'outside'];
        yield 'mistyped nut' => ['specification.nutWidth', '4e', 'can\'t be read'];
        yield 'too many strings' => ['specification.strings', '17', 'from 4 to 12'];
        yield 'half a fret' => ['specification.frets', '22.5', 'whole number'];
        yield 'frets beyond the board' => ['specification.boardLength', '430', 'ends after fret'];
        yield 'no joint' => ['specification.joint', 'glued', 'Choose one of'];
        yield 'unknown timber' => ['specification.neckTimber', 'plastic', 'timber table'];
        yield 'no layers' => ['specification.layers', [], 'one to six layers'];
        yield 'layers that are no list' => ['specification.layers', 'thick', 'one to six layers'];
        yield 'a list where text belongs' => ['specification.scale', ['x'], 'one value, not a list'];
        yield 'endless wishes' => ['specification.wishes', str_repeat('x', 4001), 'too many'];
    }

    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_said_at_its_field_and_nothing_is_changed(
        string $field,
        mixed $value,
        string $says,
    ): void {
        $this->openShop();
        $form = self::form();
        Arr::set($form, $field, $value);
        $response = $this
            ->actingAs($this->manager)
            ->from('/commissions/new')
            ->post('/commissions', $form)
            ->assertRedirect('/commissions/new')
            ->assertSessionHasErrors($field);
        $this->assertStringContainsString($says, session('errors')->first($field));
        $this->assertSame(0, Build::query()->count());
    }

    public function test_a_stock_build_needs_neither_client_nor_promise(): void
    {
        $this->openShop();
        $this->actingAs($this->manager)
            ->post(
                '/commissions',
                [
                    'purpose' => 'stock', 'client' => '', 'price' => '', 'promised_on' => '',
                    'specification' => self::SPECIFICATION,
                ],
            )
            ->assertRedirect('/builds/1');
        $this->assertSame('Stock', Build::query()->sole()->title);
    }

    /** @return array<string, mixed> */
    private static function form(): array
    {
        return [
            'purpose' => 'commission', 'client' => 'Clara Fennimore', 'contact' => '', 'title' => '',
            'price' => '4,800', 'deposit' => '1.900', 'promised_on' => '2026-08-31',
            'specification' => self::SPECIFICATION,
        ];
    }
}
