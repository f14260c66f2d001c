<?php

declare(strict_types=1);

namespace Tests\Feature\Setback;

use App\Models\Build\BuildStatus;
use App\Models\People\TimeEntry;
use App\Models\Setback\Setback;
use PHPUnit\Framework\Attributes\DataProvider;
use Regimen\Route\OperationState;
use Tests\TestCase;

/** What is told and makes no sense is answered at its field, and nothing is written down. */
final class ToldTest extends TestCase
{
    use Spoiled;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->at('2026-03-18 09:12');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badTales(): iterable
    {
        yield 'nothing said' => [['mishap' => '', 'text' => '', 'fret' => ''], 'text'];
        yield 'an operation that was never begun' => [['operation' => 'fretboard.taper'], 'operation'];
        yield 'a fret that there is not' => [['fret' => '30'], 'fret'];
        yield 'no fret at all' => [['fret' => 'nine'], 'fret'];
        yield 'a piece on which it does not happen' => [['piece' => 'body'], 'piece'];
        yield 'a piece that there is not' => [['mishap' => 'crack', 'piece' => 'top'], 'piece'];
        yield 'a wish for tomorrow' => [['at' => '2026-03-20 10:00'], 'at'];
        yield 'a time before the instrument' => [['at' => '2019-01-01 10:00'], 'at'];
        yield 'no such mishap' => [['mishap' => 'gremlins'], 'mishap'];
        yield 'a measure in words' => [['mishap' => 'cut-too-far', 'piece' => 'neck', 'field' => 'thicknessFirst', 'value' => 'thin', 'fret' => ''], 'value'];
        yield 'a measure that is not of the piece' => [['mishap' => 'cut-too-far', 'piece' => 'neck', 'field' => 'pocketDepth', 'value' => '14', 'fret' => ''], 'field'];
        yield 'a machine that is not named' => [['mishap' => 'machine-down', 'fret' => '', 'until' => '2026-03-20 12:00'], 'resource'];
        yield 'ill until yesterday' => [['mishap' => 'ill', 'fret' => '', 'until' => '2026-03-17 12:00'], 'until'];
    }

    /** @param  array<string, mixed>  $said */
    #[DataProvider('badTales')]
    public function test_what_makes_no_sense_is_answered_at_its_field(array $said, string $field): void
    {
        $build = $this->underWay();
        $operation = $this->operation($build, $said['operation'] ?? 'fretboard.slots')->id;
        $this->actingAs($this->maker)->post("/builds/{$build->number}/setbacks", [
            'mishap' => 'slot-off', 'fret' => '9', 'text' => 'off', ...$said, 'operation' => $operation,
        ])->assertSessionHasErrors($field);
        $this->assertSame(0, Setback::query()->count());
    }

    public function test_of_a_delivered_instrument_nothing_is_told_or_made_again(): void
    {
        $build = $this->underWay();
        $setback = $this->tell($build);
        $build->update(['status' => BuildStatus::Finished, 'finished_at' => '2026-03-18 08:00:00']);
        $this->decide($setback, ['do' => 'again', 'old' => 'write-off'])->assertSessionHasErrors(['remedy' => "{$build->name()} is delivered: nothing of it is made again."]);
        $this->actingAs($this->maker)->post("/builds/{$build->number}/setbacks", ['text' => 'it buzzes'])->assertSessionHasErrors('text');
    }

    public function test_a_clock_that_still_runs_on_it_is_stopped_first(): void
    {
        $build = $this->underWay();
        $setback = $this->tell($build);
        TimeEntry::query()->create(['operation_id' => $this->operation($build, 'fretboard.slots')->id, 'person_id' => $this->maker->id, 'worked_on' => '2026-03-18', 'started_at' => '2026-03-18 08:00:00', 'rate_minor' => 3_000, 'source' => 'clock']);
        $this->decide($setback, ['do' => 'again', 'old' => 'write-off'])->assertSessionHasErrors('piece');
        $this->assertSame(OperationState::Done, $this->operation($build, 'fretboard.slots')->state);
    }

    public function test_at_the_bench_it_is_the_operation_under_the_hand_unless_another_or_none_is_chosen(): void
    {
        $build = $this->underWay();
        $next = $this->operation($build, 'fretboard.taper');
        $said = ['mishap' => 'crack', 'text' => 'cracked', 'piece' => 'fretboard'];
        $this->actingAs($this->maker)->post("/operations/{$next->id}/wrong", $said)->assertSessionHasErrors('operation');
        $this->post("/operations/{$next->id}/wrong", [...$said, 'operation' => ''])->assertSessionHasNoErrors();
        $slots = $this->operation($build, 'fretboard.slots');
        $this->post("/operations/{$next->id}/wrong", [...$said, 'operation' => (string) $slots->id])->assertSessionHasNoErrors();
        $this->assertSame([null, $slots->id], Setback::query()->orderBy('id')->pluck('operation_id')->all());
        $other = $this->operation($this->underWay(), 'fretboard.slots');
        $this->post("/operations/{$next->id}/wrong", [...$said, 'operation' => (string) $other->id])->assertSessionHasErrors('operation');
        $offered = $this->get("/bench?operation={$next->id}")->inertiaProps('now.tell.operations');
        $this->assertContains((string) $slots->id, array_column($offered, 'value'));
        $this->assertNotContains((string) $next->id, array_column($offered, 'value'), 'what is not begun is not offered');
    }
}
