<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule\Tables;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Tables\Agendas;
use Regimen\Schedule\Tables\State;
use Regimen\Schedule\Tables\Tables;
use Regimen\Schedule\Tables\Walk;
use Regimen\Tests\Schedule\Shops;

/** When somebody is free, by hand: Monday from eight to noon, and from half past twelve to five. */
final class AgendasTest extends TestCase
{
    use Shops;

    private Agendas $agendas;

    private Tables $tables;

    private State $state;

    protected function setUp(): void
    {
        $activity = new Activity('a', 'b', 60, skill: 'any');
        $this->tables = new Tables(new Problem($this->at('2026-03-02 08:00'), [$activity], [$this->worker(1)], []));
        $this->agendas = new Agendas($this->tables->people);
        $this->state = new State;
        $this->agendas->begin($this->state);
    }

    public function test_gaps_are_filled(): void
    {
        $this->book('09:00', '10:00');
        self::assertSame(['08:00', '09:00'], $this->found('08:00', 60, false), 'an hour fits before');
        self::assertSame(['10:00', '11:05'], $this->found('08:00', 65, false), 'more does not');
        $this->book('10:00', '11:40');
        self::assertSame(['12:30', '13:35'], $this->found('08:00', 65, true), 'in one sitting only after lunch');
        self::assertSame(['11:40', '13:15'], $this->found('08:00', 65, false));
        $this->book('12:30', '14:00');
        self::assertSame(['14:00', '15:05'], $this->found('08:00', 65, false), 'the break is not gone over to something else');
    }

    public function test_what_is_too_long_for_a_gap_is_begun_in_it_and_taken_up_again(): void
    {
        $this->book('09:00', '11:00');
        self::assertSame([['08:00', '09:00'], ['11:00', '13:00']], $this->sittings('08:00', 150, '17:00'));
        self::assertSame([['08:30', '09:00'], ['11:00', '12:00']], $this->sittings('08:30', 90, '17:00'));
        self::assertNull($this->sittings('08:35', 90, '17:00'), 'less than half an hour is not begun');
        self::assertSame([['08:00', '08:40'], ['11:00', '11:30']], $this->sittings('08:00', 70, '17:00'), 'nor left over');
        self::assertNull($this->sittings('08:00', 150, '13:00'), 'only where it is over sooner');
        self::assertNull($this->sittings('11:00', 90, '17:00'), 'nothing is in between');
    }

    private function book(string $from, string $to): void
    {
        $this->agendas->book($this->state, 0, $this->at("2026-03-02 {$from}"), $this->at("2026-03-02 {$to}"), 7);
    }

    /** @return list<string> */
    private function found(string $at, int $minutes, bool $oneSitting): array
    {
        $walk = new Walk($this->tables, $this->state, 0, $this->at("2026-03-02 {$at}"));
        self::assertTrue($walk->find([0 => $minutes], $oneSitting));

        return [substr($this->local($walk->start), 11), substr($this->local($walk->end), 11)];
    }

    /** @return list<array{string, string}>|null */
    private function sittings(string $at, int $minutes, string $before): ?array
    {
        $found = $this->agendas->findSittings(
            $this->state, 0, $this->at("2026-03-02 {$at}"), $minutes, $this->at("2026-03-02 {$before}"),
        );

        return $found === null ? null : array_map(
            fn (array $one): array => [substr($this->local($one[0]), 11), substr($this->local($one[1]), 11)],
            $found,
        );
    }
}
