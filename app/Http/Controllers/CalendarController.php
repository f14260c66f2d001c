<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\House\GiveFeed;
use App\Actions\House\ImportHolidays;
use App\Documents\WeekPdf;
use App\Http\Requests\AskRequest;
use App\Http\Requests\Plan\FeedRequest;
use App\Http\Requests\Plan\HolidaysRequest;
use App\Models\Build\Build;
use App\Models\House\Feed;
use App\Models\People\Person;
use App\Pages\Page;
use App\Pages\Worked\Change;
use App\Pages\Worked\FileSeen;
use App\Queries\Plan\CalendarPage;
use App\Queries\Plan\FeedCalendar;
use App\Queries\Plan\FeedsPage;
use App\Queries\Today\WeekPage;
use App\Support\LastSeen;
use App\Support\Say;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response as Answer;
use Regimen\Units\UnreadableFile;

/** When the shop works, week sheets, and the calendars that others subscribe to. */
final class CalendarController
{
    public function show(CalendarPage $page): Page
    {
        return $page->data();
    }

    public function week(AskRequest $request, WeekPage $page): Page
    {
        return $page->data($request->string('from')->toString());
    }

    public function weekSheet(AskRequest $request, string $paper, WeekPage $page, WeekPdf $pdf): Answer
    {
        $week = $page->data($request->string('from')->toString());

        return Sheet::of(
            $pdf->of($week, Sheet::paper($paper), $request->filled('person') ? $request->integer('person') : null),
            "week-{$paper}",
        );
    }

    public function lookAt(HolidaysRequest $request, ImportHolidays $import): JsonResponse
    {
        try {
            $days = $import->look((string) $request->file('file')?->getContent());
        } catch (UnreadableFile $wrong) {
            return response()->json(new FileSeen([], $wrong->getMessage(), ''));
        }

        return response()->json(new FileSeen(
            array_map(
                static fn (string $day, string $words): Change => new Change(Say::dayAndYear($day), 'open', $words), array_keys($days), $days,
            ),
            '',
            $days === [] ? 'All of these days were closed already.' : Say::count(count($days), 'day').' would be closed.',
        ));
    }

    public function import(HolidaysRequest $request, ImportHolidays $importHolidays): RedirectResponse
    {
        $count = $importHolidays($request->person(), (string) $request->file('file')?->getContent());

        return back()->with(
            'done',
            $count === 0
                ? 'All of these days were closed already.'
                : Say::count($count, 'closed day').' added, and planned around them.',
        );
    }

    public function feeds(FeedsPage $page, #[CurrentUser] Person $viewer): Page
    {
        return $page->data($viewer);
    }

    public function give(FeedRequest $request, GiveFeed $giveFeed): RedirectResponse
    {
        $giveFeed->give(
            $request->person(), $request->string('what')->toString(),
            Person::query()->find($request->integer('person')),
            Build::query()->where('number', $request->integer('build'))->first(),
        );

        return back()->with(
            'done',
            'Here is the address. Whoever knows it can read this calendar, until it is revoked.',
        );
    }

    public function revoke(Feed $feed, GiveFeed $giveFeed, #[CurrentUser] Person $by): RedirectResponse
    {
        abort_unless($by->isManager() || $feed->person_id === $by->id, 403);
        $giveFeed->revoke($by, $feed);

        return back()->with('done', 'Revoked: the address no longer works.');
    }

    /** Read by calendar programs, which do not sign in: the address itself is the secret. */
    public function feed(string $token, FeedCalendar $calendar, LastSeen $lastSeen): Answer
    {
        $feed = Feed::query()
            ->with(['person', 'build'])
            ->where('token_hash', GiveFeed::hash($token))
            ->whereNull('revoked_at')
            ->first();
        abort_if($feed === null, 404);
        $lastSeen->note("feed.{$feed->id}");

        return response(
            $calendar->of($feed),
            200,
            [
                'Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'private, max-age=300',
                'X-Robots-Tag' => 'noindex',
            ],
        );
    }
}
