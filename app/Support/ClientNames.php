<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\Facades\DB;

/**
 * Clients by number in what is never edited: the logbook, the audit log and the plan’s history keep `{client 12}`, and say the name
 * that the client’s own record has now. Emptying that one record is enough to forget somebody.
 */
final class ClientNames
{
    /** A name of fewer letters is a word like any other. */
    private const LEAST = 3;

    /** More words than that has no name. */
    private const MOST_WORDS = 6;

    /** So many clients are looked for by the beginning of a word. */
    private const MOST_FOUND = 20;

    /** @var array<int, array{name: string, surname: string}>|null by number */
    private ?array $names = null;

    /** @var array<string, string>|null tokens by name and surname */
    private ?array $tokens = null;

    /** Who was renamed is read again. */
    public function forget(): void
    {
        $this->names = $this->tokens = null;
    }

    public static function surname(string $name): string
    {
        return (string) preg_replace('/^.*\s/u', '', trim($name));
    }

    /** Reads them now, where a page should not ask the database more often when it has more to say. */
    public function ready(): void
    {
        $this->names();
    }

    /** The text with clients by number. */
    public function numbered(string $text): string
    {
        $tokens = $this->tokens ??= $this->readTokens();
        if ($tokens === []) {
            return $text;
        }
        $parts = preg_split('/([\p{L}\p{N}][\p{L}\p{N}.\'’-]*)/u', $text, -1, PREG_SPLIT_DELIM_CAPTURE);
        if ($parts === false) {
            return $text;
        }
        $said = '';
        for ($at = 0, $count = count($parts); $at < $count; $at++) {
            if ($at % 2 === 0) {
                $said .= $parts[$at];

                continue;
            }
            [$token, $used] = $this->longest($tokens, $parts, $at);
            $said .= $token ?? $parts[$at];
            $at += $used;
        }

        return $said;
    }

    /** The text with the names that they have now. */
    public function said(string $text): string
    {
        if (! str_contains($text, '{')) {
            return $text;
        }

        return (string) preg_replace_callback('/\{(client|surname) (\d{1,9})\}/', function (array $found): string {
            $one = $this->names()[(int) $found[2]] ?? null;

            return $one === null ? "client {$found[2]}" : ($found[1] === 'client' ? $one['name'] : $one['surname']);
        }, $text);
    }

    /**
     * Whose name begins with a word or has one that does.
     *
     * @return list<int> numbers
     */
    public function beginning(string $word): array
    {
        $found = [];
        $quoted = preg_quote($word, '/');
        foreach ($this->names() as $number => $one) {
            if (count($found) < self::MOST_FOUND && preg_match("/(?<!\\p{L}){$quoted}/iu", $one['name']) === 1) {
                $found[] = $number;
            }
        }

        return $found;
    }

    /**
     * @param  array<string, string>  $tokens
     * @param  list<string>  $parts  words and what stands between them
     * @return array{string|null, int} the token of the longest name that begins at a word, and over how many parts it goes on
     */
    private function longest(array $tokens, array $parts, int $at): array
    {
        $best = [null, 0];
        $name = '';
        for ($words = 0; $words < self::MOST_WORDS && isset($parts[$at + 2 * $words]); $words++) {
            $word = $parts[$at + 2 * $words];
            $name .= ($words === 0 ? '' : ' ').$word;
            // A full stop, or the s of “Rask’s”, may not belong to the name any more.
            foreach (['' => $name, '.' => rtrim($name, '.'), 's' => (string) preg_replace('/[\'’]s$/u', '', $name)] as $bare) {
                if (isset($tokens[$bare])) {
                    $best = [$tokens[$bare].substr($name, strlen($bare)), 2 * $words];
                    break;
                }
            }
            if (($parts[$at + 2 * $words + 1] ?? '') !== ' ') {
                break;
            }
        }

        return $best;
    }

    /** @return array<string, string> */
    private function readTokens(): array
    {
        $tokens = [];
        foreach ($this->names() as $number => $one) {
            if (mb_strlen($one['surname']) >= self::LEAST && ! preg_match('/^\d+$/', $one['surname'])) {
                $tokens[$one['surname']] ??= "{surname {$number}}";
            }
        }
        foreach ($this->names() as $number => $one) {
            if (mb_strlen($one['name']) >= self::LEAST) {
                $tokens[$one['name']] = "{client {$number}}";
            }
        }

        return $tokens;
    }

    /** @return array<int, array{name: string, surname: string}> */
    private function names(): array
    {
        if ($this->names === null) {
            $rows = DB::table('clients')->orderBy('id')->get(['id', 'name', 'joined_id', 'forgotten_at'])->keyBy('id');
            $this->names = [];
            foreach ($rows as $number => $row) {
                for ($one = $row, $steps = 0; $one->joined_id !== null && isset($rows[$one->joined_id]) && $steps < 10; $steps++) {
                    $one = $rows[$one->joined_id];
                }
                $name = (string) $one->name;
                $this->names[(int) $number] = ['name' => $name, 'surname' => $one->forgotten_at === null ? self::surname($name) : $name];
            }
        }

        return $this->names;
    }
}
