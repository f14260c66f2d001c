<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\House\Feed;
use App\Models\People\ClosedDay;
use App\Models\Plan\PlanEntry;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** The calendar of the shop, week sheets, holiday calendars that are read, and calendars that others subscribe to. */
final class CalendarTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->build([], '2026-05-15');
        $this->actingAs($this->manager);
    }

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

    public function test_a_feed_is_read_by_another_program_until_it_is_revoked(): void
    {
        $this->post('/plan/feeds', ['what' => 'person', 'person' => $this->manager->id])->assertSessionHasNoErrors();
        $address = $this->get('/plan/feeds')->inertiaProps('feeds.0.address');
        $this->assertMatchesRegularExpression('~/feeds/[A-Za-z0-9]{40}\.ics$~', $address);
        $this->assertStringNotContainsString(
            basename($address, '.ics'), json_encode(DB::table('feeds')->get()),
            'the address is not to be read from the database',
        );
        auth()->logout();
        $response = $this->get($address)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
        $events = $this->read((string) $response->getContent());
        $planned = PlanEntry::query()
            ->where('person_id', $this->manager->id)
            ->where('work_minutes', '>', 0)
            ->with('operation')
            ->get();
        $first = $planned->sortBy('start')->first();
        $this->assertSame($first->start->toIso8601ZuluString(), $events[0]['start']);
        $this->assertStringContainsString("No. 1 {$first->operation->name}", $events[0]['summary']);
        $this->assertSame(
            $planned->sum('work_minutes'), array_sum(array_column($events, 'minutes')),
            'every working minute is in it, and no night',
        );
        $this->assertSame(count($events), count(array_unique(array_column($events, 'uid'))));
        $this->assertNotNull(Feed::query()->sole()->read_at);
        $this->actingAs($this->manager)->delete('/plan/feeds/1')->assertSessionHasNoErrors();
        $this->get($address)->assertNotFound();
        $this->get('/feeds/'.str_repeat('x', 40).'.ics')->assertNotFound();
        $this->get('/feeds/short.ics')->assertNotFound();
    }

    public function test_an_address_that_was_kept_with_another_key_still_works_but_is_not_shown_again(): void
    {
        $this->post('/plan/feeds', ['what' => 'shop']);
        $address = $this->get('/plan/feeds')->inertiaProps('feeds.0.address');
        DB::table('feeds')->update(['token' => 'kept with the key of another machine']);
        $this->assertNull($this->get('/plan/feeds')->assertOk()->inertiaProps('feeds.0.address'));
        $this->get($address)->assertOk();
        $this->delete('/plan/feeds/1')->assertSessionHasNoErrors();
        $this->get($address)->assertNotFound();
    }

    public function test_feeds_of_a_build_and_of_the_shop_have_holds_and_promises_too(): void
    {
        $this->post('/plan/feeds', ['what' => 'build', 'build' => 1])->assertSessionHasNoErrors();
        $this->post('/plan/feeds', ['what' => 'shop'])->assertSessionHasNoErrors();
        [$build, $shop] = array_map(
            fn (array $feed): array => $this->read((string) $this->get($feed['address'])->getContent()),
            $this->get('/plan/feeds')->inertiaProps('feeds'),
        );
        $this->assertSame($build, $shop, 'there is only one build');
        $this->assertNotEmpty(
            array_filter($build, static fn (array $event): bool => str_contains($event['summary'], ': hold')),
        );
        $promise = array_values(array_filter($build, static fn (array $event): bool => $event['allDay']));
        $this->assertSame(['No. 1 Fennimore promised', '2026-05-15'], [$promise[0]['summary'], $promise[0]['start']]);
    }

    public function test_a_person_s_feed_has_their_leave_and_their_errands(): void
    {
        $this->post('/plan/changes', ['changes' => [
            [
                'kind' => 'away', 'person' => $this->maker->id, 'from' => '2026-03-19', 'part' => '13:00–14:30',
                'what' => 'errand', 'note' => 'fetch timber',
            ],
            ['kind' => 'away', 'person' => $this->maker->id, 'from' => '2026-03-30', 'note' => 'leave'],
            ['kind' => 'away', 'person' => $this->manager->id, 'from' => '2026-03-31'],
        ]])->assertSessionHasNoErrors();
        $this->post('/plan/feeds', ['what' => 'person', 'person' => $this->maker->id]);
        $events = array_values(
            array_filter(
                $this->read(
                    (string) $this->get($this->get('/plan/feeds')->inertiaProps('feeds.0.address'))->getContent(),
                ),
                static fn (array $event): bool => str_starts_with($event['uid'], 'away-'),
            ),
        );
        $this->assertSame([
            ['Errand: fetch timber (Tobias)', '2026-03-19T12:00:00Z', 90, false],
            ['Off: leave (Tobias)', '2026-03-30', 0, true],
        ], array_map(static fn (array $event): array => [$event['summary'], $event['start'], $event['minutes'], $event['allDay']], $events));
        $this->post('/plan/feeds', ['what' => 'build', 'build' => 1]);
        $this->assertSame(
            [],
            array_filter(
                $this->read(
                    (string) $this->get($this->get('/plan/feeds')->inertiaProps('feeds.1.address'))->getContent(),
                ),
                static fn (array $event): bool => str_starts_with($event['uid'], 'away-'),
            ),
        );
    }

    public function test_a_maker_subscribes_to_their_own_calendar_and_to_no_other(): void
    {
        $this->actingAs($this->maker)->post('/plan/feeds', ['what' => 'shop'])->assertForbidden();
        $this->post('/plan/feeds', ['what' => 'person', 'person' => $this->manager->id])->assertForbidden();
        $this->post('/plan/feeds', ['what' => 'person', 'person' => $this->maker->id])->assertSessionHasNoErrors();
        $this->actingAs($this->manager)->post('/plan/feeds', ['what' => 'shop']);
        $this->post('/plan/feeds', ['what' => 'weather'])->assertSessionHasErrors('what');
        $this->post('/plan/feeds', ['what' => 'build'])->assertSessionHasErrors('build');
        $this->assertCount(1, $this->actingAs($this->maker)->get('/plan/feeds')->inertiaProps('feeds'));
        $this->delete('/plan/feeds/2')->assertForbidden();
        $this->delete('/plan/feeds/1')->assertSessionHasNoErrors();
    }

    public function test_load_is_told_by_week_and_what_is_overbooked_is_named(): void
    {
        $page = $this->get('/plan/load')->assertOk()->inertiaProps();
        $this->assertCount(12, $page['weeks']);
        $this->assertSame(2_550, collect($page['rows'])->firstWhere('name', 'Ines')['weeks'][1]['there']);
        $this->assertSame('The promises need no more than there is', $page['heading']);
        foreach (range(1, 3) as $one) {
            $this->build([], '2026-04-01');
        }
        $page = $this->get('/plan/load')->inertiaProps();
        $ines = collect($page['rows'])->firstWhere('name', 'Ines');
        $this->assertStringContainsString('the promises need', $ines['overbooked'][0]);
        $this->assertGreaterThan($ines['weeks'][0]['there'], $ines['weeks'][0]['needed']);
        $this->assertStringContainsString('overbooked', $page['heading']);
        $this->actingAs($this->maker)->get('/plan/load')->assertForbidden();
    }

    public function test_the_history_tells_how_often_a_finish_has_slipped_by_how_much_and_because_of_what(): void
    {
        $this->assertSame(
            'No finish has slipped so far', $this->get('/plan/history')->assertOk()->inertiaProps('heading'),
        );
        $this->post(
            '/plan/changes',
            [
                'changes' => [
                    ['kind' => 'hold', 'build' => 1, 'until' => '2026-04-01', 'because' => 'the client moves house'],
                ],
            ],
        );
        $this->at('2026-03-19 10:00');
        $this->post(
            '/plan/changes',
            ['changes' => [['kind' => 'hold', 'build' => 1, 'until' => '2026-04-08', 'because' => 'still moving']]],
        );
        $page = $this->get('/plan/history')->inertiaProps();
        $build = $page['builds'][0];
        $this->assertSame(['One finish has slipped', 2], [$page['heading'], $build['slips']]);
        $this->assertStringContainsString(
            "has slipped twice, later by {$build['days']} working days in all", $build['words'],
        );
        $this->assertStringContainsString('still moving', $build['moves'][0]['cause']);
        $this->assertSame($build['days'], $build['moves'][0]['days'] + $build['moves'][1]['days']);
        $this->assertSame('2026-03-19T09:00:00Z', $build['moves'][0]['at']);
    }

    /**
     * By a reader that is not ours: the general-purpose npm package ical.js.
     *
     * @return list<array{uid: string, summary: string, start: string, minutes: int, allDay: bool}> in the order of time
     */
    private function read(string $text): array
    {
        $script = 'const I=require("ical.js").default||require("ical.js");let '
            .'s="";process.stdin.on("data",c=>s+=c).on("end",()=>{const c=new '
                .'I.Component(I.parse(s));console.log(JSON.stringify(c.getAllSubcomponents("vevent").map(v=>{const '
                    .'e=new I.Event(v);return{uid:e.uid,summary:e.summary,start:e.startDate.toString(),minutes:e.startDate.isDate?0:e.duration.toSeconds()/60,allDay:e.startDate.isDate}})))})';
        $events = json_decode(
            (new Process(['node', '-e', $script], base_path(), null, $text))->mustRun()->getOutput(),
            true,
            512,
            JSON_THROW_ON_ERROR,
        );
        usort($events, static fn (array $a, array $b): int => $a['start'] <=> $b['start']);

        return $events;
    }
}
