<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\People\ClosedDay;
use App\Models\Plan\PlanEntry;
use Illuminate\Http\UploadedFile;
use Tests\TestCase;

/** The calendar of the shop, week sheets, holiday calendars that are read, and calendars that others subscribe to. */
final class CalendarTest extends TestCase
{
    use ReadCalendars;

    public function test_the_calendar_shows_hours_absences_and_outages_and_gives_them_back(): void
    {
        $this->post(
            '/plan/changes',
            [
                'changes' => [
                    [
                        'kind' => 'away', 'person' => $this->maker->id, 'from' => '2026-03-19', 'to' => '2026-03-20',
                        'note' => 'wedding',
                    ],
                ],
            ],
        )->assertSessionHasNoErrors();
        $this->post(
            '/plan/changes',
            [
                'changes' => [
                    [
                        'kind' => 'longer', 'person' => $this->manager->id, 'from' => '2026-03-18',
                        'to' => '2026-03-18', 'minutes' => 30,
                    ],
                ],
            ],
        )->assertSessionHasNoErrors();
        $this->post(
            '/plan/changes',
            [
                'changes' => [
                    [
                        'kind' => 'down', 'resource' => 1, 'from' => '2026-03-19T08:00', 'to' => '2026-03-20T12:00',
                        'note' => 'serviced',
                    ],
                ],
            ],
        )->assertSessionHasNoErrors();
        $page = $this->get('/plan/calendar')->assertOk()->inertiaProps();
        $maker = collect($page['people'])->firstWhere('id', $this->maker->id);
        $manager = collect($page['people'])->firstWhere('id', $this->manager->id);
        $this->assertSame(
            ['Thu 19 Mar to Fri 20 Mar: off, wedding', 0, 510],
            [
                $maker['away'][0]['words'], $maker['minutes']['2026-03-19']['minutes'],
                $maker['minutes']['2026-03-18']['minutes'],
            ],
        );
        $this->assertSame(
            [540, '8:00–12:00, 12:30–17:30'],
            [$manager['minutes']['2026-03-18']['minutes'], $manager['minutes']['2026-03-18']['words']],
        );
        $this->assertStringContainsString('serviced', $page['outages'][0]['words']);
        $this->post(
            '/plan/changes',
            ['changes' => [['kind' => 'rows', 'table' => 'days_off', 'remove' => $maker['away'][0]['ids']]]],
        )->assertSessionHasNoErrors();
        $this->assertSame(
            [],
            collect($this->get('/plan/calendar')->inertiaProps('people'))->firstWhere('id', $this->maker->id)['away'],
        );
        $this->at('2026-03-19 09:00');
        $this->post(
            '/plan/changes',
            ['changes' => [['kind' => 'away', 'person' => $this->maker->id, 'from' => '2026-03-19']]],
        );
        $this->assertSame('Tobias is off today', $this->get('/plan/calendar')->inertiaProps('heading'));
        $this->actingAs($this->maker)->get('/plan/calendar')->assertForbidden();
    }

    public function test_whatever_is_planned_begins_and_ends_on_five_minute_marks(): void
    {
        $this->put(
            "/people/{$this->maker->id}",
            [
                'version' => $this->maker->version, 'name' => 'Tobias', 'email' => 'tobias@example.org',
                'role' => 'maker', 'skills' => ['bodies', 'necks'], 'rate' => '', 'active' => true, 'own_hours' => true,
                'hours' => array_fill(1, 5, '7:53–12:01, 12:44–16:32'),
                'speeds' => ['bodies' => '73', 'necks' => '131'],
            ],
        )->assertSessionHasNoErrors();
        $minutes = PlanEntry::query()
            ->whereNotNull('start')
            ->get()
            ->flatMap(
                static fn (PlanEntry $one): array => [
                    $one->start?->minute, $one->work_end?->minute, $one->finish?->minute,
                ],
            );
        $this->assertGreaterThan(100, $minutes->count());
        $this->assertSame([], $minutes->filter(static fn (?int $minute): bool => $minute % 5 !== 0)->all());
        $this->assertGreaterThan(3, PlanEntry::query()->where('person_id', $this->maker->id)->count());
        $week = collect($this->get('/plan/week?from=2026-03-25')->inertiaProps('people'))->flatMap(
            static fn (array $one): array => array_merge(...array_column(array_values($one['days']), 'items')),
        );
        $this->assertNotEmpty($week);
        foreach ($week as $item) {
            $this->assertMatchesRegularExpression('/T\d\d:\d[05]:00Z$/', $item['from'].'');
        }
    }

    public function test_a_holiday_calendar_closes_its_days_and_a_wrong_one_none(): void
    {
        $send = fn (string $text) => $this->post(
            '/plan/calendar/import',
            ['file' => UploadedFile::fake()->createWithContent('holidays.ics', $text)],
        );
        $ics = static fn (string ...$events): string => "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Example//EN\r\n"
            .implode(
                '',
                array_map(
                    static fn (string $event): string => "BEGIN:VEVENT\r\nUID:".md5($event)
                        ."@example.org\r\n{$event}\r\nEND:VEVENT\r\n",
                    $events,
                ),
            )
            ."END:VCALENDAR\r\n";
        $good = "SUMMARY:Good Friday\r\nDTSTART;VALUE=DATE:20260403\r\nDTEND;VALUE=DATE:20260404";
        $send($ics($good, "SUMMARY:Concert\r\nDTSTART:20260501T190000Z"))->assertSessionHasErrors('file');
        $this->assertStringContainsString('“Concert” has a time of day', session('errors')->first('file'));
        $this->assertSame(0, ClosedDay::query()->count(), 'all or nothing');
        $send($ics($good, "SUMMARY:Easter Monday\r\nDTSTART;VALUE=DATE:20260406"))->assertSessionHasNoErrors();
        $this->assertSame(
            ['2026-04-03' => 'Good Friday', '2026-04-06' => 'Easter Monday'],
            ClosedDay::query()->orderBy('date')->pluck('note', 'date')->all(),
        );
        $this->assertFalse(
            PlanEntry::query()->get()->contains(
                static fn (PlanEntry $entry): bool => in_array(
                    $entry->start?->toDateString(), ['2026-04-03', '2026-04-06'], true,
                ),
            ),
        );
        $send($ics($good))->assertSessionHasNoErrors();
        $this->assertSame(2, ClosedDay::query()->count(), 'what is closed stays closed once');
        $send('hello')->assertSessionHasErrors('file');
        $this->post('/plan/calendar/import', [])->assertSessionHasErrors('file');
        $this->actingAs($this->maker)->post('/plan/calendar/import', [])->assertForbidden();
    }

    public function test_a_week_tells_everybody_their_days_and_any_week_can_be_asked_for(): void
    {
        $page = $this->get('/plan/week')->assertOk()->inertiaProps();
        $this->assertSame(['2026-03-16', '2026-03-20'], [$page['days'][0], end($page['days'])]);
        $today = collect($page['people'])->firstWhere('id', $this->manager->id)['days']['2026-03-18'];
        $this->assertNotEmpty($today['items']);
        $this->assertSame('2026-03-18T08:15:00Z', $today['items'][0]['from']);
        $later = $this->get('/plan/week?from=2026-03-25')->inertiaProps();
        $this->assertSame(
            ['2026-03-23', '2026-03-16', '2026-03-30'], [$later['days'][0], $later['before'], $later['after']],
        );
        foreach (['2026-13-01', 'nonsense', '2099-01-01', ''] as $wrong) {
            $this->assertSame('2026-03-16', $this->get("/plan/week?from={$wrong}")->assertOk()->inertiaProps('days.0'));
        }
        $this->actingAs($this->maker)->get('/plan/week')->assertOk();
    }
}
