<?php

declare(strict_types=1);

namespace Tests\Feature\Build;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\Measurement;
use App\Models\Gate\Reading;
use App\Models\People\TimeEntry;
use App\Models\Setback\Setback;
use Tests\TestCase;

/** What is told of a finished instrument, from what was measured. */
final class FactsTest extends TestCase
{
    private Build $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->build = $this->build();
        $this->at('2026-03-18 09:12');
    }

    /** @return array<string, array{string, string}> value and how it is known, by what */
    private function facts(): array
    {
        $facts = [];
        foreach ($this->actingAs($this->maker)->get('/builds/1/facts')->assertOk()->inertiaProps('groups') as $group) {
            foreach ($group['facts'] as $fact) {
                $facts[$fact['what']] = [$fact['value'], $fact['known']];
            }
        }

        return $facts;
    }

    public function test_a_measure_takes_the_place_of_what_was_drawn_and_what_nobody_measured_is_told_as_drawn(): void
    {
        $this->assertSame(['43 mm (1 11/16")', 'as drawn'], $this->facts()['Nut width']);
        $this->assertSame('worked out', $this->facts()['Weight'][1]);
        Measurement::query()->create(['build_id' => 1, 'part' => 'neck, made here', 'field' => 'nutWidth', 'value' => '43.2', 'instrument' => 'caliper', 'person_id' => $this->maker->id, 'at' => '2026-03-17 08:00:00']);
        $inspect = $this->operation($this->build, 'delivery.inspect');
        foreach (['3460', '3420'] as $grams) {
            Reading::query()->create(['operation_id' => $inspect->id, 'round' => 1, 'line' => 'weight', 'place' => '', 'value' => $grams, 'unit' => 'g', 'tool' => 'scale', 'person_id' => $this->maker->id, 'at' => '2026-03-17 08:00:00']);
        }
        $this->assertSame(['43.2 mm', 'measured'], [substr($this->facts()['Nut width'][0], 0, 7), $this->facts()['Nut width'][1]]);
        $this->assertSame(['3.42 kg', 'measured'], $this->facts()['Weight'], 'the last reading');
    }

    public function test_hours_are_those_that_are_in_it_and_not_those_that_were_lost(): void
    {
        $square = $this->operation($this->build, 'neck.square');
        $lost = Setback::query()->create(['build_id' => 1, 'mishap' => 'crack', 'cause' => 'timber', 'text' => 'cracked', 'at' => '2026-03-17 08:00:00', 'told_at' => '2026-03-17 08:00:00', 'person_id' => 1, 'state' => 'decided']);
        foreach ([[90, null], [45, $lost->id]] as [$minutes, $setback]) {
            TimeEntry::query()->create(['operation_id' => $square->id, 'person_id' => $this->maker->id, 'worked_on' => '2026-03-16', 'minutes' => $minutes, 'rate_minor' => 3_000, 'source' => 'afterwards', 'setback_id' => $setback]);
        }
        $this->assertSame(['1 h 30 min', 'recorded'], $this->facts()['Hours of work']);
    }

    public function test_it_says_when_it_is_not_finished_and_goes_on_paper_with_its_care_sheet(): void
    {
        $this->assertStringContainsString('not finished yet', $this->actingAs($this->maker)->get('/builds/1/facts')->inertiaProps('missing'));
        $this->build->update(['status' => BuildStatus::Finished, 'finished_at' => '2026-03-17 15:00:00']);
        $this->assertStringContainsString('as drawn, because nobody has measured it', $this->get('/builds/1/facts')->inertiaProps('missing'));
        foreach (['a4', 'letter'] as $paper) {
            $pdf = (string) $this->get("/builds/1/facts-{$paper}.pdf")->assertOk()->getContent();
            $this->assertStringStartsWith('%PDF-', $pdf);
        }
        $this->get('/builds/1/facts-a5.pdf')->assertNotFound();
        $this->get('/builds/77/facts')->assertNotFound();
        $this->assertContains('Fretboard', array_column($this->get('/builds/1/facts')->inertiaProps('care'), 'heading'));
    }
}
