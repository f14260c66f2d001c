<?php

declare(strict_types=1);

namespace Tests\Feature\Together;

use App\Models\Build\Build;
use App\Models\People\Person;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route as Address;
use Illuminate\Support\Facades\Route;
use Tests\TestCase;

/**
 * Requests that no page sends: arrays where a text is meant, numbers beyond 64 bits, broken UTF-8, missing and surplus fields,
 * over every route as guest, maker and manager; half of them are whole ones of which something was changed (that each whole one
 * succeeds is in TwiceAtOnceTest). Each gets an answer below 500. A seeded slice; all of it with REGIMEN_LONG.
 */
final class FuzzTest extends TestCase
{
    use ShopWithEverything;

    private const WHOLE = 10_000;

    private const SLICE = 800;

    private const IN_ONE_SHOP = 250;

    /** What fields are called, so that mutated values reach those that are read. */
    private const FIELDS = [
        'version', 'name', 'email', 'password', 'role', 'skills', 'speeds', 'rate', 'active', 'own_hours', 'hours', 'date', 'note', 'reason',
        'because', 'key', 'kind', 'target', 'before', 'after', 'labour', 'set_up', 'hold', 'station', 'fixture', 'stage', 'skill', 'pieces',
        'specification', 'model_id', 'client', 'price', 'deposit', 'promised_on', 'promise_kind', 'purpose', 'title', 'contact', 'number',
        'worked_on', 'person_id', 'what', 'until', 'quantity', 'expected_on', 'cost', 'changes', 'minutes', 'temperature', 'humidity', 'from',
        'to', 'person', 'build', 'columns', 'day_first', 'operations', 'kit', 'worker_id', 'typed', 'past', 'method', 'value', 'words',
        'weights', 'late', 'immovable', 'timezone', 'currency', 'shop', 'capacity', 'part', 'field', 'instrument', 'first',
    ];

    /** @var list<int> */
    private array $operations = [];

    public function test_whatever_is_sent_is_answered_below_500_and_said(): void
    {
        $build = Build::query()->where('number', 1)->firstOrFail();
        $this->operations = $build->operations()->pluck('id')->all();
        $wholes = WholeRequests::all();
        mt_srand(20_260_318);
        $routes = array_values(array_filter(
            iterator_to_array(Route::getRoutes()->getIterator()),
            static fn (Address $route): bool => $route->uri() !== 'up',
        ));
        $count = getenv('REGIMEN_LONG') === '1' ? self::WHOLE : self::SLICE;
        $wrong = [];
        $statuses = [];
        $file = $this->template();
        for ($turn = 0; $turn < $count; $turn++) {
            if ($turn % self::IN_ONE_SHOP === 0) {
                // What was done by then may leave nobody who could do the rest.
                $this->assertSame([], self::damages($file));
                $file = $this->copy();
                $this->connect($file);
            }
            $route = $routes[$turn % count($routes)];
            $method = array_values(array_diff($route->methods(), ['HEAD']))[0];
            $whole = mt_rand(0, 1) === 1 ? $wholes["{$method} {$route->uri()}"] ?? null : null;
            $path = $whole === null || mt_rand(0, 5) === 0 ? $this->path($route->uri(), $build) : $whole->path;
            $input = $whole === null ? $this->input() : $this->spoiled($whole->input);
            match (mt_rand(0, 3)) {
                0 => app('auth')->forgetGuards(),
                1 => $this->actingAs($this->maker->refresh()),
                default => $this->actingAs($this->manager->refresh()),
            };
            $answer = $this->call(
                $method, $path, $input, [], mt_rand(0, 9) === 0 ? ['file' => UploadedFile::fake()->createWithContent('f', $this->text())] : [],
                mt_rand(0, 2) === 0 ? ['HTTP_ACCEPT' => 'application/json'] : [],
            );
            $status = $answer->getStatusCode();
            $statuses[$status] = ($statuses[$status] ?? 0) + 1;
            if ($status >= 500) {
                $wrong["{$method} {$route->uri()}"] ??= "{$method} {$path}: {$status} ".($answer->exception?->getMessage() ?? '')
                    .' at '.basename((string) $answer->exception?->getFile()).':'.$answer->exception?->getLine()
                    .' '.substr((string) json_encode($input, JSON_INVALID_UTF8_SUBSTITUTE), 0, 300);
            }
        }
        $this->assertSame([], array_values($wrong), implode("\n", $wrong));
        $this->assertGreaterThan($count / 20, $statuses[200] ?? 0, 'some of it succeeds');
        $this->assertGreaterThan(0, Person::query()->where('role', 'manager')->where('active', true)->count());
        $this->assertSame([], self::damages($file));
    }

    private function path(string $uri, Build $build): string
    {
        $path = (string) preg_replace_callback('/\{(\w+)\??\}/', fn (array $found): string => rawurlencode(match (mt_rand(0, 4)) {
            0 => ['0', '-1', '99999999999999999999', 'x', "\xFF", '1/2', '%00', str_repeat('9', 300)][mt_rand(0, 7)],
            default => match ($found[1]) {
                'build' => (string) $build->number,
                'operation' => (string) $this->operations[mt_rand(0, count($this->operations) - 1)],
                'line' => (string) $build->kit()->value('id'),
                'paper' => ['a4', 'letter'][mt_rand(0, 1)],
                'file' => ['frets.csv', 'sheet-a4.pdf', 'specification.json'][mt_rand(0, 2)],
                default => '1',
            },
        }), $uri);

        return '/'.ltrim($path, '/').(mt_rand(0, 4) === 0 ? '?'.http_build_query([self::FIELDS[mt_rand(0, count(self::FIELDS) - 1)] => $this->value(2)]) : '');
    }

    /**
     * @param  array<array-key, mixed>  $input
     * @return array<array-key, mixed> with something of it, at any depth, left out, replaced or beside it
     */
    private function spoiled(array $input): array
    {
        $keys = array_keys($input);
        $key = $keys === [] ? self::FIELDS[mt_rand(0, count(self::FIELDS) - 1)] : $keys[mt_rand(0, count($keys) - 1)];
        if (is_array($input[$key] ?? null) && mt_rand(0, 1) === 1) {
            return [...$input, $key => $this->spoiled($input[$key])];
        }

        return match (mt_rand(0, 3)) {
            0 => array_diff_key($input, [$key => true]),
            1 => [...$input, self::FIELDS[mt_rand(0, count(self::FIELDS) - 1)] => $this->value(2)],
            default => array_replace($input, [$key => $this->value(2)]),
        };
    }

    /** @return array<string, mixed> */
    private function input(): array
    {
        $input = [];
        for ($field = mt_rand(0, 14); $field > 0; $field--) {
            $input[self::FIELDS[mt_rand(0, count(self::FIELDS) - 1)]] = $this->value(2);
        }

        return $input;
    }

    private function value(int $depth): mixed
    {
        return match (mt_rand(0, $depth > 0 ? 7 : 5)) {
            0 => ['1', '0', '-5', '12.5', '1e999', '9223372036854775808', '999999999999999999999999', '1/0', '½'][mt_rand(0, 8)],
            1 => $this->text(),
            2 => ['2026-05-01', 'next Fri', '30 Feb', '2026-13-45', '0000-00-00', '9999-12-31', '20 Mar'][mt_rand(0, 6)],
            3 => [true, false, null, 1, -1, 0, 1.5][mt_rand(0, 6)],
            4 => ['manager', 'maker', 'commission', 'stock', 'guitar', 'pin', 'away', 'promise', 'ordered', 'done', 'drop', 'a4'][mt_rand(0, 11)],
            5 => ['1:30', '3 h', '45 min', '43 mm', '25 1/2"', '4800', '4.800,50 EUR', '8-12, 13-17'][mt_rand(0, 7)],
            default => array_combine(
                $keys = array_slice(['0', '1', 'kind', 'state', 'key', 'operation', 'person', 'day', 'hours'], 0, mt_rand(1, 9)),
                array_map(fn (): mixed => $this->value($depth - 1), $keys),
            ),
        };
    }

    private function text(): string
    {
        return [
            '', ' ', "\0", "\xFF\xFE", '<script>', "'; drop table builds", str_repeat('ä', 5000), "\u{202E}", '{"a":', '../../etc', '💥', 'x',
        ][mt_rand(0, 11)];
    }
}
