<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use Illuminate\Validation\Validator;
use Regimen\Units\Duration;

/** A hold that the house makes shorter than glue or finish usually need is asked for its reason. */
trait ShorterHolds
{
    /**
     * @param  array<string, array{int, int, Duration, string}>  $holds  by field: minutes before and now, what is
     *   usually needed, and what needs it
     */
    private function askWhy(Validator $validator, array $holds): void
    {
        if ($validator->errors()->isNotEmpty() || trim($this->string('because')->toString()) !== '') {
            return;
        }
        foreach ($holds as $field => [$before, $now, $needed, $what]) {
            if ($now < $before && $now < $needed->minutes) {
                $validator->errors()->add(
                    $field,
                    "{$what} usually needs {$needed->byTheClock()}; the data sheet decides.",
                );
                $validator->errors()->add(
                    'because',
                    'Write why it can be shorter, for example “by the data sheet of our glue”.',
                );
            }
        }
    }

    /** ` Because: …` for the logbook; empty where nothing was said. */
    public function becauseWords(): string
    {
        $because = trim($this->string('because')->toString());

        return $because === '' ? '' : " Because: {$because}";
    }
}
