<?php

declare(strict_types=1);

namespace App\Rules;

use App\Models\Build\Build;
use App\Models\Client\Client;
use App\Models\House\HouseModel;
use App\Models\House\Shop;
use App\Models\People\Person;
use Closure;
use Illuminate\Contracts\Validation\DataAwareRule;
use Illuminate\Contracts\Validation\ValidationRule;

/**
 * A password in the sense of NIST SP 800-63B, section 5.1.1.2: long rather than mixed, none of those that everybody tries
 * first, and none that is made of the shop's own words: people, clients, models, instruments. Twelve characters are our own figure.
 */
final class NewPassword implements DataAwareRule, ValidationRule
{
    private const LEAST = 12;

    private const MOST = 200;

    /** So many letters that are no name make a password of one’s own. */
    private const LEAST_OF_OTHERS = 4;

    private const MOST_NAMES = 300;

    /** What is tried first: roots from which common passwords are made (from memory), with digits and signs at their ends. */
    private const COMMON = [
        'password', 'passwort', 'passw0rd', 'letmein', 'welcome', 'admin', 'administrator', 'iloveyou', 'monkey', 'dragon', 'sunshine',
        'princess', 'football', 'baseball', 'superman', 'batman', 'master', 'shadow', 'trustno', 'qwerty', 'qwertz', 'qwertyuiop', 'asdfghjkl',
        'zxcvbnm', 'guitar', 'guitars', 'luthier', 'workshop', 'regimen', 'changeme', 'secret', 'summer', 'winter', 'spring', 'autumn',
    ];

    /** @var array<string, mixed> */
    private array $form = [];

    /** @param  array<string, mixed>  $data */
    public function setData(array $data): static
    {
        $this->form = $data;

        return $this;
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_string($value)) {
            $fail('A password is a text.');

            return;
        }
        $length = mb_strlen($value);
        $plain = mb_strtolower((string) preg_replace('/[^\pL]/u', '', $value));
        if ($length < self::LEAST) {
            $fail('Use at least '.self::LEAST.' characters; a few words in a row are easy to keep in mind.');
        } elseif ($length > self::MOST) {
            $fail('Use at most '.self::MOST.' characters.');
        } elseif (count(array_unique(mb_str_split(mb_strtolower($value)))) < 5 || $this->isARun($value)) {
            $fail('The same few characters again and again, or in a row, are tried first. Use a few words.');
        } elseif (in_array($plain, self::COMMON, true) || $this->isTwice($plain)) {
            $fail('That is one of the passwords that are tried first. Use a few words.');
        } elseif ($this->saysWhoItIs($plain)) {
            $fail('Names of the shop, its people, its clients and its instruments are tried first. Use other words.');
        }
    }

    /** A common one, said twice. */
    private function isTwice(string $plain): bool
    {
        $half = mb_substr($plain, 0, intdiv(mb_strlen($plain), 2));

        return $half !== '' && $half.$half === $plain && in_array($half, self::COMMON, true);
    }

    /** `123456789012`, `abcdefghijkl`: each character follows the one before. */
    private function isARun(string $value): bool
    {
        $steps = [];
        $codes = array_map(static fn (string $one): int => (int) mb_ord($one), mb_str_split($value));
        for ($at = 1; $at < count($codes); $at++) {
            $steps[$codes[$at] - $codes[$at - 1]] = true;
        }

        return count(array_diff(array_keys($steps), [-9, 9])) <= 1;
    }

    /** Nothing but names that whoever knows the shop knows too, however they are strung together. */
    private function saysWhoItIs(string $plain): bool
    {
        $left = $plain;
        foreach ($this->ownWords() as $word) {
            $left = str_replace($word, '', $left);
        }

        return $left !== $plain && mb_strlen($left) < self::LEAST_OF_OTHERS;
    }

    /** @return list<string> small letters alone, the longest first */
    private function ownWords(): array
    {
        $said = [
            ...array_filter(array_map(fn (string $field): mixed => $this->form[$field] ?? null, ['name', 'shop', 'email']), is_string(...)),
            ...Shop::query()->pluck('name')->all(), ...Person::query()->pluck('name')->all(), ...Person::query()->pluck('email')->all(),
            ...Client::query()->limit(self::MOST_NAMES)->latest('id')->pluck('name')->all(),
            ...HouseModel::query()->limit(self::MOST_NAMES)->pluck('name')->all(),
            ...Build::query()->limit(self::MOST_NAMES)->latest('id')->pluck('title')->all(),
        ];
        $words = [];
        foreach ($said as $one) {
            foreach (preg_split('/[^\pL]+/u', mb_strtolower(strtok((string) $one, '@') ?: '')) ?: [] as $word) {
                if (mb_strlen($word) >= 3) {
                    $words[$word] = mb_strlen($word);
                }
            }
        }
        $words += array_combine(self::COMMON, array_map(mb_strlen(...), self::COMMON));
        arsort($words);

        return array_map(strval(...), array_keys($words));
    }
}
