<?php

declare(strict_types=1);

namespace App\Actions\Route;

use App\Models\House\OperationStandard;
use Regimen\Route\Methods\Question;

/** Chosen methods in words. */
final class MethodWords
{
    /** @param  array<string, string>  $answers */
    public static function of(array $answers): string
    {
        return implode('; ', array_map(self::one(...), array_keys($answers), $answers));
    }

    private static function one(string $key, string $answer): string
    {
        $question = Question::tryFrom($key);
        if ($question !== null) {
            return lcfirst($question->words()).' '.($question->choice($answer)->words ?? $answer);
        }
        $standard = OperationStandard::query()->where('key', substr($key, 5))->where('tool', $answer)->first();

        return $standard === null ? "{$key} {$answer}" : "{$standard->name} {$standard->way}";
    }
}
