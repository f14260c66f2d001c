<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Plan\PlanChange;
use App\Support\Refused;
use Illuminate\Validation\ValidationException;

/** Whether somebody else has changed the same thing since a page was read. */
final class Meanwhile
{
    /** What a change is about; everything else in it says what it is changed to. */
    private const SUBJECT = ['build', 'line', 'resource', 'person', 'from', 'skill', 'question', 'table', 'remove'];

    /**
     * @param  list<Change>  $changes
     * @param  int|null  $seen  the last change that the page knew of; null where nobody was shown anything
     *
     * @throws ValidationException with who did what in the meantime
     */
    public static function refuse(array $changes, ?int $seen): void
    {
        if ($seen === null) {
            return;
        }
        $wanted = array_filter(array_map(static fn (Change $change): array => self::subject($change->body()), $changes));
        foreach (PlanChange::query()->where('id', '>', $seen)->whereNull('undone_at')->with('person')->orderByDesc('id')->get() as $since) {
            if (in_array(self::subject($since->body), $wanted, false)) {
                throw Refused::because(
                    "{$since->person?->name} was there first: {$since->words} Nothing of yours was done; look it over and do it again.",
                );
            }
        }
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array<string, mixed> empty where nothing is there yet that two could change
     */
    private static function subject(array $body): array
    {
        $subject = array_intersect_key($body, array_flip(isset($body['operation']) ? ['operation'] : self::SUBJECT));
        ksort($subject);

        return $subject === [] ? [] : ['kind' => $body['kind'], ...$subject];
    }
}
