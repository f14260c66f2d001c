<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Forecast\MailLetter;
use App\Models\People\Person;
use App\Pages\Page;
use App\Queries\Forecast\HoursPage;
use App\Queries\Forecast\LetterPage;
use App\Queries\Forecast\YearPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** The year, the hours of people, the week’s letter. */
final class YearController
{
    public function year(YearPage $page, ?string $year = null): Page
    {
        return $page->data($year === null ? null : self::known($year));
    }

    public function hours(HoursPage $page, ?string $year = null): Page
    {
        return $page->data($year === null ? null : self::known($year));
    }

    public function file(HoursPage $page, string $year): Response
    {
        return response($page->csv(self::known($year)), 200, ['Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => "attachment; filename=\"hours-{$year}.csv\""]);
    }

    public function letter(LetterPage $page, #[CurrentUser] Person $viewer): Page
    {
        return $page->data($viewer);
    }

    public function mail(LetterPage $page, MailLetter $mail, #[CurrentUser] Person $by): RedirectResponse
    {
        $letter = $page->data($by);
        $mail($by, $letter->heading, $letter->text);

        return back()->with('done', "Mailed to {$by->email}.");
    }

    /** A year that anything can be recorded of. */
    private static function known(string $year): int
    {
        abort_unless((int) $year >= 1900 && (int) $year <= 2999, 404);

        return (int) $year;
    }
}
