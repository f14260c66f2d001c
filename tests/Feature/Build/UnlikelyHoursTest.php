<?php

declare(strict_types=1);

namespace Tests\Feature\Build;

use App\Models\Build\LogEntry;
use App\Models\People\TimeEntry;
use PHPUnit\Framework\Attributes\TestWith;
use Regimen\Route\Operations\PreparationOperation;
use Tests\TestCase;

/** What is unlikely is asked about, and a clock that goes wrong is told rather than recorded. */
final class UnlikelyHoursTest extends TestCase
{
    use BenchWork;

    #[TestWith(['2026-03-17', '2', 'was taken on only on Wed 18 Mar 2026'])]
    #[TestWith(['2026-03-18', '10', 'would have worked 10 h today, and only 9 h 12 min of the day have passed'])]
    public function test_what_is_unlikely_is_asked_about_and_recorded_when_it_is_so(string $day, string $hours, string $asks): void
    {
        $operation = $this->operation($this->build(), PreparationOperation::Agree->value);
        $sent = ['hours' => $hours, 'worked_on' => $day];
        $this->actingAs($this->manager)->post("/operations/{$operation->id}/hours", $sent)->assertSessionHasErrors('sure');
        $this->assertStringContainsString($asks, session('errors')->first('sure'));
        $this->assertSame(0, TimeEntry::query()->count());
        $this->post("/operations/{$operation->id}/hours", [...$sent, 'sure' => true])->assertSessionHasNoErrors();
        $this->assertSame(60 * (int) $hours, TimeEntry::query()->sole()->minutes);
    }

    public function test_a_long_day_and_a_clock_that_runs_elsewhere_are_asked_about(): void
    {
        $agree = $this->operation($this->build(), PreparationOperation::Agree->value);
        $this->actingAs($this->manager)->post("/operations/{$agree->id}/clock")->assertSessionHasNoErrors();
        $this->at('2026-03-18 17:12');
        $sent = ['hours' => '9:30', 'worked_on' => '2026-03-18'];
        $this->post("/operations/{$agree->id}/hours", $sent)->assertSessionHasErrors('sure');
        $this->assertStringContainsString('would have worked 17 h 30 min today', session('errors')->first('sure'));
        $this->at('2026-03-19 09:12');
        $this->post('/clocks/'.TimeEntry::query()->sole()->id.'/stop', ['minutes' => '8'])->assertSessionHasNoErrors();
        $this->post("/operations/{$agree->id}/hours", ['hours' => '6:30', 'worked_on' => '2026-03-18'])->assertSessionHasErrors('sure');
        $this->assertStringContainsString('would have worked 14 h 30 min on that day', session('errors')->first('sure'));
        $this->post("/operations/{$agree->id}/hours", ['hours' => '6', 'worked_on' => '2026-03-18'])->assertSessionHasNoErrors();
    }

    public function test_a_computer_clock_that_went_back_is_told_and_not_recorded_as_nothing(): void
    {
        $agree = $this->operation($this->build(), PreparationOperation::Agree->value);
        $this->actingAs($this->manager)->post("/operations/{$agree->id}/clock");
        $entry = TimeEntry::query()->sole();
        $this->at('2026-03-18 08:00');
        $this->post("/clocks/{$entry->id}/stop")->assertSessionHasErrors('minutes');
        $this->assertStringContainsString('clock has gone back', session('errors')->first('minutes'));
        $this->assertNull($entry->refresh()->minutes);
        $this->post("/clocks/{$entry->id}/stop", ['minutes' => '1:30'])->assertSessionHasNoErrors();
        $this->assertSame(90, $entry->refresh()->minutes);
        $this->assertGreaterThanOrEqual($entry->started_at, $entry->ended_at);
    }

    #[TestWith(['has left', true])]
    #[TestWith(['works here', false])]
    public function test_the_manager_stops_the_clock_of_somebody_who_cannot_sign_in(string $who, bool $stops): void
    {
        $agree = $this->operation($this->build(), PreparationOperation::Agree->value);
        $this->actingAs($this->maker)->post("/operations/{$agree->id}/clock")->assertSessionHasNoErrors();
        $entry = TimeEntry::query()->sole();
        if ($who === 'has left') {
            $this->maker->update(['active' => false]);
        }
        $this->at('2026-03-18 11:12');
        $lines = $this->actingAs($this->manager)->get('/builds/1')->viewData('page')['props']['hours'];
        $this->assertSame($stops, $lines[0]->canStop);
        $answer = $this->post("/clocks/{$entry->id}/stop");
        $stops ? $answer->assertSessionHasNoErrors() : $answer->assertSessionHasErrors('clock');
        $this->assertSame($stops ? 120 : null, $entry->refresh()->minutes);
        if ($stops) {
            $this->assertStringContainsString('who cannot stop it', LogEntry::query()->where('kind', 'hours')->latest('id')->firstOrFail()->text);
        }
    }
}
