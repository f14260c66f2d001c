<?php

declare(strict_types=1);

namespace Regimen\Tests\Client;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Client\Feel;
use Regimen\Client\Proposal;
use Regimen\Client\Wish;
use Regimen\Instrument\Reading\SpecificationReader;

/** From what a player says to figures (common practice). */
final class FeelTest extends TestCase
{
    /** @return iterable<string, array{Wish}> */
    public static function wishes(): iterable
    {
        foreach (Wish::cases() as $wish) {
            yield $wish->value => [$wish];
        }
    }

    #[DataProvider('wishes')]
    public function test_each_wish_moves_at_least_one_figure_which_can_be_typed(Wish $wish): void
    {
        foreach (['guitar', 'bass'] as $type) {
            $feel = Feel::of([$wish], $type);
            $this->assertSame([], $feel->contradictions);
            $this->assertNotEmpty($feel->proposals);
            if ($type === 'bass') {
                continue;
            }
            $typed = ['type' => $type, 'layers' => [['timber' => 'bigleaf maple', 'thickness' => '6'], ['timber' => 'black walnut', 'thickness' => '38']]];
            $usual = SpecificationReader::read($typed);
            foreach ($feel->proposals as $one) {
                $read = SpecificationReader::read([...$typed, $one->field => $one->typed]);
                $this->assertSame([], $read->problems, $one->field);
                $this->assertNotSame('', $one->because.$one->costs);
            }
            $all = SpecificationReader::read([...$typed, ...array_column(array_map(static fn (Proposal $one): array => [$one->field, $one->typed], $feel->proposals), 1, 0)]);
            $this->assertSame([], $all->problems);
            $this->assertNotEquals($usual->values, $all->values, 'a figure has moved');
        }
    }

    public function test_wishes_that_pull_from_two_sides_are_named_and_meet_in_the_middle(): void
    {
        $feel = Feel::of([Wish::LowTuning, Wish::SmallHands], 'guitar');
        $this->assertSame(['Scale: who tunes low wants more, who has small hands, or is tired soon wants less. Ask which matters more.'], $feel->contradictions);
        // 647.7 + (25.4 − 19.05) / 2.
        $scale = array_values(array_filter($feel->proposals, static fn (Proposal $one): bool => $one->field === 'scale'))[0];
        $this->assertSame('650.88 mm', $scale->typed);
        $this->assertStringContainsString('narrower stretches', $scale->because);
        $gauges = Feel::of([Wish::Bends, Wish::Slide], 'guitar');
        $this->assertStringStartsWith('Gauges', $gauges->contradictions[0]);
    }

    public function test_of_wishes_that_pull_one_way_the_strongest_counts(): void
    {
        $feel = Feel::of([Wish::Fast, Wish::SmallHands], 'guitar');
        $this->assertSame([], $feel->contradictions);
        $first = array_values(array_filter($feel->proposals, static fn (Proposal $one): bool => $one->field === 'thicknessFirst'))[0];
        $this->assertSame('20 mm', $first->typed);
        $this->assertSame([], Feel::of([], 'guitar')->proposals);
    }
}
