<?php

declare(strict_types=1);

namespace App\Console;

use Closure;
use Symfony\Component\Console\Exception\ExceptionInterface;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Whole numbers and seconds as options of a command; what cannot be taken is said and ends with 2. */
trait Options
{
    private const CANNOT_TAKE = 2;

    /** @throws \InvalidArgumentException */
    private function whole(string $option, int $least): ?int
    {
        $typed = $this->option($option);
        if ($typed === null || $typed === '') {
            return null;
        }
        if (! is_string($typed) || ! ctype_digit($typed) || strlen($typed) > 9 || (int) $typed < $least) {
            throw new \InvalidArgumentException("--{$option} takes a whole number from {$least} on.");
        }

        return (int) $typed;
    }

    /** @return (Closure(): bool)|null */
    private static function until(?int $seconds): ?Closure
    {
        $end = $seconds === null ? 0 : hrtime(true) + $seconds * 1_000_000_000;

        return $seconds === null ? null : static fn (): bool => hrtime(true) >= $end;
    }

    /** What the command does not know is said as everything else, and ends with 2. */
    public function run(InputInterface $input, OutputInterface $output): int
    {
        try {
            return parent::run($input, $output);
        } catch (ExceptionInterface $wrong) {
            return $this->refuse(rtrim($wrong->getMessage(), '.').'. ./regimen alone tells what there is.');
        }
    }

    private function refuse(string $sentence): int
    {
        fwrite(STDERR, "{$sentence}\n");

        return self::CANNOT_TAKE;
    }
}
