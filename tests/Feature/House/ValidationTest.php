<?php

declare(strict_types=1);

namespace Tests\Feature\House;

use App\Models\Build\KitLine;
use App\Models\House\FinishStandard;
use App\Models\House\OperationStandard;
use App\Models\House\Price;
use App\Models\House\Resource;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Every form: what is wrong is said at its field in a sentence, and nothing is changed. */
final class ValidationTest extends TestCase
{
    private const WEEK = [1 => '8–12', 2 => '8–12', 3 => '', 4 => '', 5 => '', 6 => '', 7 => ''];

    /** @return iterable<string, array{string, string, mixed, string}> form, field, value, what is said */
    public static function wrong(): iterable
    {
        yield 'shop without a name' => ['shop', 'name', '', 'needed'];
        yield 'shop with an endless name' => ['shop', 'name', str_repeat('x', 81), 'too long'];
        yield 'shop on another planet' => ['shop', 'timezone', 'Mars/Olympus', 'no time zone'];
        yield 'a rate in words' => ['shop', 'labour_rate', 'fair', 'can\'t be read'];
        yield 'a rate below zero' => ['shop', 'labour_rate', '-1', 'below zero'];
        yield 'overhead in words' => ['shop', 'overhead_percent', 'some', 'Write a number'];
        yield 'overhead below zero' => ['shop', 'overhead_percent', '-5', 'between 0 and 300'];
        yield 'a margin of everything' => ['shop', 'margin_percent', '100', 'between 0 and 90'];
        yield 'more deposit than price' => ['shop', 'deposit_percent', '101', 'between 0 and 100'];
        yield 'half a day of risk' => ['shop', 'risk_days', '1.5', 'whole number'];
        yield 'hours backwards' => ['shop', 'hours.1', '17–8', 'or nothing for a free day'];
        yield 'hours that overlap' => ['shop', 'hours.2', '8–12, 11–17', 'or nothing for a free day'];
        yield 'hours beyond midnight' => ['shop', 'hours.3', '20–26', 'or nothing for a free day'];
        yield 'no hours at all' => ['shop', 'hours', [1 => '', 2 => ' '], 'at least one weekday'];
        yield 'an eighth weekday' => ['shop', 'hours', [8 => '8–12'], 'has to be a list'];

        yield 'labour in words' => ['standard', 'labour', 'long', 'can\'t be read'];
        yield 'labour below zero' => ['standard', 'labour', '-2', 'below zero'];
        yield 'labour of a year' => ['standard', 'labour', '300 d', 'mistake'];
        yield 'an empty set-up' => ['standard', 'set_up', '', 'needed'];
        yield 'a hold of a year' => ['standard', 'hold', '365 d', '180 days'];
        yield 'an unknown skill' => ['standard', 'skill', 'alchemy', 'one of the list'];

        yield 'no coats' => ['finish', 'body_coats', '0', 'between 1 and 30'];
        yield 'a hundred coats' => ['finish', 'neck_coats', '100', 'between 1 and 30'];
        yield 'coats in words' => ['finish', 'coats_a_day', 'few', 'whole number'];
        yield 'a month between coats' => ['finish', 'between_coats', '30 d', 'ten days'];
        yield 'an empty cure' => ['finish', 'cure', '', 'needed'];

        yield 'clamps below zero' => ['resource', 'capacity', '-1', 'between 0 and 99'];
        yield 'half a clamp' => ['resource', 'capacity', '1.5', 'whole number'];
        yield 'clamps in words' => ['resource', 'capacity', 'enough', 'whole number'];

        yield 'a price in words' => ['price', 'cost', 'dear', 'can\'t be read'];
        yield 'a price too fine' => ['price', 'cost', '1.2345', 'digits'];
        yield 'lead days below zero' => ['price', 'lead_days', '-3', 'between 0 and 730'];
        yield 'a lead of ten years' => ['price', 'lead_days', '3650', 'between 0 and 730'];
        yield 'an endless supplier' => ['price', 'supplier', str_repeat('x', 61), 'too long'];

        yield 'nobody' => ['person', 'name', '', 'needed'];
        yield 'a name twice' => ['person', 'name', 'Tobias', 'taken'];
        yield 'an address that is none' => ['person', 'email', 'at home', 'no e-mail address'];
        yield 'an address twice' => ['person', 'email', 'ines@example.org', 'taken'];
        yield 'a short password' => ['person', 'password', 'short', 'at least 12'];
        yield 'an unknown role' => ['person', 'role', 'king', 'one of the list'];
        yield 'an unknown skill of a person' => ['person', 'skills.0', 'alchemy', 'one of the list'];
        yield 'a rate of a person in words' => ['person', 'rate', 'fair', 'can\'t be read'];
        yield 'hours of a person in words' => ['person', 'hours.1', 'mornings', 'or nothing for a free day'];

        yield 'a closed day that is past' => ['closed day', 'date', '2026-03-17', 'past'];
        yield 'a closed day that is none' => ['closed day', 'date', '2026-02-29', 'no day of the calendar'];
        yield 'a closed day in another century' => ['closed day', 'date', '2199-01-01', 'Check the year'];

        yield 'using nothing' => ['use', 'quantity', '0', 'no amount'];
        yield 'using less than nothing' => ['use', 'quantity', '-1', 'no amount'];
        yield 'using in words' => ['use', 'quantity', 'some', 'no amount'];
        yield 'spoiling without a reason' => ['write-off', 'because', '', 'needed'];
        yield 'spoiling more than there is' => ['write-off', 'quantity', '99', 'left; 99 cannot be taken'];
        yield 'a promise without a reason' => ['promise', 'because', '', 'needed'];
        yield 'a promise in the past' => ['promise', 'promised_on', '2025-03-18', 'past'];
        yield 'a page without its version' => ['promise', 'version', '', 'needed'];
    }

    #[DataProvider('wrong')]
    public function test_it_says_so_at_the_field_and_changes_nothing(
        string $form,
        string $field,
        mixed $value,
        string $says,
    ): void {
        $this->openShop();
        $this->build();
        DB::table('kit_lines')->where('name', 'tuner')->update(['state' => 'arrived']);
        [$method, $path, $values] = $this->form($form);
        Arr::set($values, $field, $value);
        $before = $this->state();

        $this->actingAs($this->manager)
            ->from('/house')->{$method}($path, $values)
            ->assertRedirect('/house')
            ->assertSessionHasErrors($field);

        $said = session('errors')->first($field);
        $this->assertStringContainsString($says, $said);
        $this->assertStringEndsWith('.', $said);
        $this->assertStringNotContainsString('field', $said, 'a maker’s sentence, not a programmer’s');
        $this->assertSame($before, $this->state());
    }

    #[DataProvider('wrong')]
    public function test_the_same_form_is_taken_when_nothing_is_wrong(string $form): void
    {
        $this->openShop();
        $this->build();
        DB::table('kit_lines')->where('name', 'tuner')->update(['state' => 'arrived']);
        [$method, $path, $values] = $this->form($form);
        $this->actingAs($this->manager)->{$method}($path, $values)->assertSessionHasNoErrors();
    }

    /** @return array{string, string, array<string, mixed>} */
    private function form(string $form): array
    {
        $tuner = KitLine::query()->where('name', 'tuner')->value('id');

        return match ($form) {
            'shop' => [
                'put',
                '/house',
                [
                    'version' => 1, 'name' => 'Bench', 'timezone' => 'Europe/Berlin', 'labour_rate' => '50',
                    'overhead_percent' => '12.5', 'margin_percent' => '20', 'deposit_percent' => '40',
                    'risk_days' => '3', 'hours' => self::WEEK,
                ],
            ],
            'standard' => [
                'put',
                '/house/standards/'.OperationStandard::query()->value('id'),
                ['version' => 1, 'set_up' => '0', 'labour' => '2:30', 'hold' => '1 d', 'skill' => 'design'],
            ],
            'finish' => [
                'put',
                '/house/finishes/'.FinishStandard::query()->value('id'),
                [
                    'version' => 1, 'body_coats' => '3', 'neck_coats' => '3', 'coats_a_day' => '2',
                    'after_first' => '12 h', 'between_coats' => '6 h', 'overnight' => '14 h', 'cure' => '5 d',
                    'because' => 'by the data sheet of our lacquer',
                ],
            ],
            'resource' => [
                'put', '/house/resources/'.Resource::query()->value('id'), ['version' => 1, 'capacity' => '2'],
            ],
            'price' => [
                'put',
                '/house/prices/'.Price::query()->value('id'),
                ['version' => 1, 'cost' => '12.50', 'lead_days' => '9', 'supplier' => ''],
            ],
            'person' => [
                'post',
                '/people',
                [
                    'name' => 'Maren', 'email' => 'maren@example.org', 'password' => 'long enough by far', 'role' => 'maker',
                    'skills' => ['finish'], 'rate' => '44', 'active' => true, 'own_hours' => true,
                    'hours' => self::WEEK,
                ],
            ],
            'closed day' => ['post', '/house/closed-days', ['date' => '2026-03-20', 'note' => 'fair']],
            'use' => ['post', "/kit/{$tuner}/use", ['version' => 1, 'quantity' => '2']],
            'write-off' => [
                'post', "/kit/{$tuner}/write-off",
                ['version' => 1, 'quantity' => '1', 'because' => 'the shaft is bent'],
            ],
            default => [
                'post',
                '/builds/1/promise',
                ['version' => 1, 'promised_on' => '2026-09-01', 'because' => 'agreed by telephone'],
            ],
        };
    }

    /** @return array<string, int|string> */
    private function state(): array
    {
        return [
            ...array_combine(
                $tables = ['people', 'closed_days', 'kit_lines', 'log_entries', 'plans'],
                array_map(static fn (string $table): int => DB::table($table)->count(), $tables),
            ),
            'shop' => DB::table('shops')->get()->toJson(),
            'house' => DB::table('operation_standards')
                ->sum('version') + DB::table('finish_standards')
                ->sum('version') + DB::table('resources')
                ->sum('version') + DB::table('prices')
                ->sum('version'),
            'builds' => DB::table('builds')->get()->toJson(),
            'used' => (string) DB::table('kit_lines')->sum('used'),
        ];
    }

    public function test_what_is_no_text_is_refused_at_its_field_and_read_as_nothing_in_an_address(): void
    {
        $this->openShop();
        $this->actingAs($this->manager);
        $this->post('/plan/try', ['name' => "Caf\xE9"])->assertSessionHasErrors('name');
        $this->post('/plan/changes', ['changes' => [['kind' => 'hold', 'build' => 1, 'until' => '2026-04-01', 'because' => "\xFF"]]])
            ->assertSessionHasErrors('changes.0.because');
        $this->post('/plan/try', ["\xFF" => 'x'])->assertSessionHasErrors('conflict');
        $this->get('/plan/week?from=%FF&%FE=1')->assertOk();
        $this->withHeader('User-Agent', "Browser (\xFF) phone")->get('/account')->assertOk();
    }
}
