<?php

declare(strict_types=1);

namespace App\Console\Benches\Pages;

use App\Console\Benches\Shops\GrownShop;
use App\Console\Benches\Shops\Served;
use App\Console\Benches\Shops\Shops;
use App\Console\Benches\Shops\Visitor;
use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Planning\Plan\Thinning;
use Regimen\Route\OperationState;

/**
 * What each page costs the processor, against an empty signed-in one of the same shop in the same run: in the demo shop, in a crowd, and after
 * twenty years.
 */
final class PagesBench
{
    /** What the goals allow, in empty pages. */
    private const MOST = 4.0;

    private const HORIZON = 6.0;

    private const CROWDED = 15.0;

    private const PLANS = 8.0;

    private const AGED = 1.5;

    private const FILE = 200_000_000;

    /** Actions that come before those that are measured. */
    private const WARM = 2;

    private const TIMES = 4;

    private bool $good = true;

    /** @param  callable(string): void  $say */
    public function run(callable $say, bool $crowds): int
    {
        return Shops::during(function (Shops $shops) use ($say, $crowds): int {
            $demo = $shops->demo();
            $young = $this->measured($demo, '11 open builds', self::MOST, $say);
            if (! $crowds) {
                return $this->good ? 0 : 1;
            }
            $aged = $shops->copyOf($demo, 'aged');
            Shops::use($aged);
            GrownShop::age(800, 20);
            app(Thinning::class)();
            $old = $this->measured($aged, 'after 20 years, 800 finished builds', INF, $say);
            foreach ($young as $page => $times) {
                $this->hold($old[$page] / $times, self::AGED, "  {$page} after 20 years", $say, onlyFaults: true);
            }
            clearstatcache();
            $this->good = filesize($aged) < self::FILE && $this->good;
            $say(sprintf('  the file has %.0f MB', filesize($aged) / 1e6));
            foreach ([60 => 12, 120 => 12] as $builds => $people) {
                $crowd = $shops->copyOf($demo, "crowd{$builds}");
                Shops::use($crowd);
                GrownShop::crowd($builds, $people);
                $this->measured($crowd, "{$builds} open builds, {$people} people", $builds === 60 ? self::CROWDED : INF, $say);
            }

            return $this->good ? 0 : 1;
        });
    }

    /**
     * @param  callable(string): void  $say
     * @return array<string, float> empty pages that each page costs
     */
    private function measured(string $file, string $shop, float $most, callable $say): array
    {
        Shops::use($file);
        $pages = Page::all();
        $actions = $this->actions();
        $served = new Served($file, Shops::NOW);
        try {
            $visitor = new Visitor($served->address);
            $visitor->signIn('ines@example.org');
            $empty = Cost::of($served, static fn () => Page::nothing()->open($visitor));
            $say("{$shop}; an empty page takes ".sprintf('%.1f ms of the processor; each costs, in empty pages:', $empty * 1000));
            $costs = [];
            foreach ($pages as $page) {
                $costs[$page->path] = Cost::of($served, static fn () => $page->open($visitor)) / $empty;
                $limit = $most === self::MOST && $page->path === '/horizon' ? self::HORIZON : $most;
                $this->hold($costs[$page->path], $limit, $page->path, $say);
            }
            foreach ($actions as $name => [$method, $path, $input]) {
                [$search, $asked] = [0.0, 0];
                $cost = Cost::of($served, static function () use ($visitor, $method, $path, $input, &$search, &$asked): void {
                    // Another push each time: what is so already is planned already.
                    isset($input['changes'][0]['days']) && $input['changes'][0]['days'] += $asked % 2;
                    $answer = $visitor->send($method, $path, $input);
                    Page::answered($answer, $path);
                    // Of those that are measured.
                    $search += ++$asked > self::WARM ? (float) substr($answer->getHeaderLine('Server-Timing'), strlen('search;dur=')) / 1000 : 0.0;
                }, self::WARM, self::TIMES);
                $search /= self::TIMES;
                $this->hold(($cost - $search) / $empty, $most === self::MOST ? self::PLANS : INF, "{$name}, on top of its search ({$this->times($search / $empty)})", $say);
            }

            return $costs;
        } finally {
            $served->stop();
        }
    }

    /** @param  callable(string): void  $say */
    private function hold(float $cost, float $most, string $what, callable $say, bool $onlyFaults = false): void
    {
        $isGood = $cost <= $most;
        $this->good = $this->good && $isGood;
        if (! $isGood || ! $onlyFaults) {
            $say(sprintf('  %6s  %s%s', $this->times($cost), $what, $isGood ? '' : "  (more than {$most})"));
        }
    }

    private function times(float $cost): string
    {
        return sprintf('%.1f ×', $cost);
    }

    /** @return array<string, array{string, string, array<string, mixed>}> method, address, input */
    private function actions(): array
    {
        $operation = Operation::query()->where('state', OperationState::Started->value)->firstOrFail();
        $push = ['kind' => 'push', 'build' => Build::query()->open()->orderByDesc('number')->value('number'), 'days' => 2];
        $last = Person::query()->orderByDesc('id')->firstOrFail();

        return [
            'hours are entered' => ['POST', "/operations/{$operation->id}/hours", ['hours' => '1 min', 'worked_on' => '2026-03-18', 'sure' => true]],
            'somebody works longer' => ['POST', '/plan/changes', ['changes' => [
                ['kind' => 'longer', 'person' => $last->id, 'from' => '2026-04-20', 'to' => '2026-04-21', 'minutes' => 30, 'note' => ''],
            ]]],
            'a change is judged' => ['POST', '/plan/judge', ['changes' => [$push]]],
            'a build is pushed' => ['POST', '/plan/changes', ['changes' => [$push]]],
        ];
    }
}
