<?php

declare(strict_types=1);

namespace Tests\Feature\Build;

use App\Models\People\TimeEntry;
use PHPUnit\Framework\Attributes\TestWith;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\OperationState;
use Tests\TestCase;

final class RecordedHoursTest extends TestCase
{
    use BenchWork;

    public function test_hours_over_midnight_of_a_clock_change_count_what_really_passed(): void
    {
        $agree = $this->operation($this->build(), PreparationOperation::Agree->value);
        $this->actingAs($this->manager);
        // The night to Sunday 29 March has an hour less: from 23:30 to 4:00 three and a half hours pass.
        $this->at('2026-03-28 23:30');
        $this->post("/operations/{$agree->id}/clock")->assertSessionHasNoErrors();
        $this->at('2026-03-29 04:00');
        $this->post('/clocks/'.TimeEntry::query()->sole()->id.'/stop')->assertSessionHasNoErrors();
        $this->assertSame(
            [210, '2026-03-28'],
            [TimeEntry::query()->sole()->minutes, TimeEntry::query()->sole()->worked_on],
        );
    }

    public function test_a_forgotten_clock_asks_for_the_hours_really_worked(): void
    {
        $build = $this->build();
        $this->actingAs($this->manager)->post(
            '/operations/'.$this->operation($build, PreparationOperation::Agree->value)->id.'/clock',
        );
        $entry = TimeEntry::query()->sole();
        $this->at('2026-03-19 09:12');
        $this->post("/clocks/{$entry->id}/stop")->assertSessionHasErrors('minutes');
        $this->post("/clocks/{$entry->id}/stop", ['minutes' => '30 h'])->assertSessionHasErrors('minutes');
        $this->post("/clocks/{$entry->id}/stop", ['minutes' => '2:30'])->assertSessionHasNoErrors();
        $this->assertSame(150, $entry->refresh()->minutes);
    }

    #[TestWith(['25', '2026-03-18', 'hours', '24 hours'])]
    #[TestWith(['0', '2026-03-18', 'hours', 'Zero'])]
    #[TestWith(['-2', '2026-03-18', 'hours', 'below zero'])]
    #[TestWith(['much', '2026-03-18', 'hours', 'can\'t be read'])]
    #[TestWith(['', '2026-03-18', 'hours', 'needed'])]
    #[TestWith(['2', '2026-03-19', 'worked_on', 'not come yet'])]
    #[TestWith(['2', '18th', 'worked_on', 'can\'t be read'])]
    public function test_hours_that_cannot_be(string $hours, string $day, string $field, string $says): void
    {
        $operation = $this->operation($this->build(), PreparationOperation::Agree->value);
        $this->actingAs($this->manager)
            ->post("/operations/{$operation->id}/hours", ['hours' => $hours, 'worked_on' => $day])
            ->assertSessionHasErrors($field);
        $this->assertStringContainsString($says, session('errors')->first($field));
        $this->assertSame([0, OperationState::Open], [TimeEntry::query()->count(), $operation->refresh()->state]);
    }

    public function test_a_day_never_holds_more_than_24_hours_of_one_person(): void
    {
        $operation = $this->operation($this->build(), PreparationOperation::Agree->value);
        $url = "/operations/{$operation->id}/hours";
        $this->actingAs($this->manager)
            ->post($url, ['hours' => '20', 'worked_on' => '2026-03-17', 'sure' => true])
            ->assertSessionHasNoErrors();
        $this->post($url, ['hours' => '5', 'worked_on' => '2026-03-17', 'sure' => true])->assertSessionHasErrors('hours');
        $this->post($url, ['hours' => '4', 'worked_on' => '2026-03-17', 'sure' => true])->assertSessionHasNoErrors();
        $this->post(
            $url,
            ['hours' => '1', 'worked_on' => '2026-03-17', 'sure' => true, 'person_id' => $this->maker->id],
        )->assertSessionHasNoErrors();
        $this->assertSame(1500, (int) TimeEntry::query()->sum('minutes'));
    }

    public function test_a_maker_enters_only_their_own_hours(): void
    {
        $operation = $this->operation($this->build(), PreparationOperation::Agree->value);
        $this->actingAs($this->maker)
            ->post(
                "/operations/{$operation->id}/hours",
                ['hours' => '1', 'worked_on' => '2026-03-17', 'sure' => true, 'person_id' => $this->manager->id],
            )
            ->assertForbidden();
        $this->post(
            "/operations/{$operation->id}/hours", ['hours' => '1', 'worked_on' => '2026-03-17', 'sure' => true],
        )->assertSessionHasNoErrors();
        $this->assertSame($this->maker->id, TimeEntry::query()->sole()->person_id);
    }

    public function test_hours_that_were_a_mistake_are_struck_out_and_stay_readable(): void
    {
        $agree = $this->operation($this->build(), PreparationOperation::Agree->value);
        $this->actingAs($this->manager)->post(
            "/operations/{$agree->id}/hours", ['hours' => '3', 'worked_on' => '2026-03-17', 'sure' => true],
        );
        $entry = TimeEntry::query()->sole();
        $this->actingAs($this->maker)->post("/hours/{$entry->id}/strike", ['because' => 'no'])->assertForbidden();
        $this->actingAs($this->manager)
            ->post("/hours/{$entry->id}/strike", ['because' => 'other build'])
            ->assertSessionHasNoErrors();
        $this->post("/hours/{$entry->id}/strike", ['because' => 'again'])->assertSessionHasErrors('conflict');
        $this->assertSame('other build', $entry->refresh()->struck_because);
        $this->assertSame(180, $entry->minutes);
    }
}
