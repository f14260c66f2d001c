<?php

declare(strict_types=1);

namespace Tests\Feature\Build;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\LogEntry;
use App\Models\People\TimeEntry;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Regimen\Route\Operations\PreparationOperation;
use Tests\TestCase;

/** Everything that happens to a build is in its logbook: what, who and when; and what is refused is not. */
final class LogbookTest extends TestCase
{
    private Build $build;

    /** @return iterable<string, array{string, string, string}> what is done, the entry's kind, what it says */
    public static function happenings(): iterable
    {
        yield 'a clock starts' => ['clock', 'clock', 'Began agree the specification.'];
        yield 'a clock stops' => ['stop', 'hours', '48 min on agree the specification, by the clock.'];
        yield 'hours are entered' => [
            'hours',
            'hours',
            '2 h of Ines on agree the specification, Tue 17 Mar, entered afterwards.',
        ];
        yield 'hours are struck out' => [
            'strike', 'correction', 'Struck out 2 h of Ines on agree the specification: the other build',
        ];
        yield 'an operation is done' => ['done', 'done', 'Done: agree the specification.'];
        yield 'a hold begins' => ['hold', 'done', 'Done: select timber, read moisture; holds until Sat 21 Mar 10:00.'];
        yield 'a hold ends early' => [
            'end',
            'hold',
            'Hold over: select timber, read moisture, 3 d early: the meter says so',
        ];
        yield 'an operation is reopened' => ['reopen', 'correction', 'Reopened agree the specification: wrong build'];
        yield 'a decision is awaited' => [
            'wait', 'decision', 'Agree the specification waits for: the colour, by Wed 25 Mar.',
        ];
        yield 'a part is ordered' => ['order', 'kit', 'Ordered: bridge, expected Thu 9 Apr, 91.50 EUR.'];
        yield 'a part arrives' => ['arrive', 'kit', 'Arrived: bridge. Measure it before it is relied on.'];
        yield 'material is used' => ['use', 'kit', 'Used: 2 pieces of tuner.'];
        yield 'material is spoiled' => ['spoil', 'kit', 'Written off: 1 piece of tuner: bent'];
        yield 'a promise is moved' => ['promise', 'promise', 'No. 1: promise moved from Fri 31 Jul to Tue 1 Sep: agreed'];
        yield 'a build is called off' => ['call off', 'called-off', 'Called off: never mind'];
    }

    #[DataProvider('happenings')]
    public function test_it_is_written_down(string $what, string $kind, string $says): void
    {
        $this->openShop();
        $this->build = $this->build();
        $this->prepare($what);
        $before = (int) LogEntry::query()->max('id');
        $this->at('2026-03-18 10:00');
        [$path, $values] = $this->doing($what);
        $this->actingAs($this->manager)->post($path, $values)->assertSessionHasNoErrors();

        $entry = LogEntry::query()->where('id', '>', $before)->orderBy('id')->firstOrFail();
        $this->assertSame(
            [$this->build->id, $this->manager->id, $kind, $says],
            [$entry->build_id, $entry->person_id, $entry->kind, $entry->text],
        );
        $this->assertSame('2026-03-18T09:00:00Z', $entry->at->toIso8601ZuluString());

        $all = LogEntry::query()->count();
        $this->post(
            $path,
            [...$values, 'version' => -1, 'hours' => 'x', 'because' => '', 'call_off_because' => '', 'quantity' => ''],
        );
        $this->assertSame($all, LogEntry::query()->count(), 'what is refused leaves no trace');
    }

    public function test_it_is_read_with_the_latest_first(): void
    {
        $this->openShop();
        $build = $this->build();
        $this->actingAs($this->manager)->post(
            "/operations/{$this->operation($build, PreparationOperation::Agree->value)->id}/finish",
            ['version' => 1],
        );
        $logbook = $this->get('/builds/1')->inertiaProps('logbook');
        $this->assertSame(['done', 'specification', 'commission'], array_column($logbook, 'kind'));
        $this->assertSame('Ines', $logbook[0]['by']);
    }

    private function prepare(string $what): void
    {
        $this->actingAs($this->manager);
        $agree = "/operations/{$this->operation($this->build, PreparationOperation::Agree->value)->id}";
        $timber = "/operations/{$this->gateClosed($this->operation($this->build, PreparationOperation::SelectTimber->value))->id}";
        match ($what) {
            'stop' => $this->post("{$agree}/clock"),
            'strike' => $this->post("{$agree}/hours", ['hours' => '2', 'worked_on' => '2026-03-17', 'sure' => true]),
            'reopen' => $this->post("{$agree}/finish", ['version' => 1]),
            'hold', 'end' => $this->finished($this->build, PreparationOperation::Agree->value),
            'use', 'spoil' => KitLine::query()->where('name', 'tuner')->update(['state' => 'arrived']),
            default => null,
        };
        if ($what === 'hold' || $what === 'end') {
            DB::table('kit_lines')->update(['state' => 'arrived']);
        }
        if ($what === 'end') {
            $this->at('2026-03-18 10:00');
            $this->post("{$timber}/finish", ['version' => 1])->assertSessionHasNoErrors();
        }
    }

    /** @return array{string, array<string, mixed>} */
    private function doing(string $what): array
    {
        $agree = "/operations/{$this->operation($this->build, PreparationOperation::Agree->value)->id}";
        $timber = "/operations/{$this->operation($this->build, PreparationOperation::SelectTimber->value)->id}";
        $bridge = '/kit/'.KitLine::query()->where('name', 'bridge')->value('id');
        $tuner = '/kit/'.KitLine::query()->where('name', 'tuner')->value('id');

        return match ($what) {
            'clock' => ["{$agree}/clock", []],
            'stop' => ['/clocks/'.TimeEntry::query()->value('id').'/stop', []],
            'hours' => ["{$agree}/hours", ['hours' => '2', 'worked_on' => '2026-03-17', 'sure' => true]],
            'strike' => ['/hours/'.TimeEntry::query()->value('id').'/strike', ['because' => 'the other build']],
            'done' => ["{$agree}/finish", ['version' => 1]],
            'hold' => ["{$timber}/finish", ['version' => 1]],
            'end' => ["{$timber}/end-hold", ['version' => 2, 'because' => 'the meter says so']],
            'reopen' => ["{$agree}/reopen", ['version' => 2, 'because' => 'wrong build']],
            'wait' => ["{$agree}/wait", ['version' => 1, 'what' => 'the colour', 'until' => '2026-03-25']],
            'order' => ["{$bridge}/order", ['version' => 1, 'expected_on' => '2026-04-09', 'cost' => '91.50']],
            'arrive' => ["{$bridge}/arrival", ['version' => 1]],
            'use' => ["{$tuner}/use", ['version' => 1, 'quantity' => '2']],
            'spoil' => ["{$tuner}/write-off", ['version' => 1, 'quantity' => '1', 'because' => 'bent']],
            'promise' => ['/builds/1/promise', ['version' => 1, 'promised_on' => '2026-09-01', 'because' => 'agreed']],
            default => ['/builds/1/call-off', ['version' => 1, 'call_off_because' => 'never mind']],
        };
    }
}
