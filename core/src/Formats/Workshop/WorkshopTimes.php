<?php

declare(strict_types=1);

namespace Regimen\Formats\Workshop;

use Regimen\Formats\Json\JsonObject;
use Regimen\Units\UnreadableFile;

/** Days and times of a workshop file, in its time zone: only those that the calendar has. */
final readonly class WorkshopTimes
{
    /** Ranges that are gone through day by day are no longer than this. */
    private const LONGEST_DAYS = 3_660;

    public function __construct(public \DateTimeZone $zone)
    {
    }

    /** @throws UnreadableFile */
    public static function of(JsonObject $file): self
    {
        $name = $file->text('timezone');

        return in_array($name, \DateTimeZone::listIdentifiers(\DateTimeZone::ALL_WITH_BC), true)
            ? new self(new \DateTimeZone($name))
            : throw $file->wrong('timezone', "“{$name}” is no time zone such as Europe/Berlin");
    }

    /** Minutes since 1970. */
    public function instant(JsonObject $object, string $key): int
    {
        $text = $object->text($key);
        $isTime = preg_match(
            '/^(\d{4})-(\d{2})-(\d{2})(?:[ T](\d{2}):(\d{2})(?::(\d{2}))?(?:Z|[+-](\d{2}):(\d{2}))?)?\z/',
            $text,
            $found,
            PREG_UNMATCHED_AS_NULL,
        ) === 1
            && self::isDay((int) $found[1], (int) $found[2], (int) $found[3])
            && (int) $found[4] < 24 && (int) $found[5] < 60 && (int) $found[6] < 60 && (int) $found[7] < 15
            && (int) $found[8] < 60;
        $at = $isTime ? date_create_immutable($text, $this->zone) : false;

        return $at === false
            ? throw $object->wrong($key, "“{$text}” is no time such as 2026-03-18T09:12")
            : intdiv($at->getTimestamp(), 60);
    }

    public function maybe(JsonObject $object, string $key): ?int
    {
        return $object->has($key) ? $this->instant($object, $key) : null;
    }

    public function day(JsonObject $object, string $key): string
    {
        return $this->checked($object, $key, $object->text($key));
    }

    /** @return list<string> */
    public function days(JsonObject $object, string $key): array
    {
        return array_map(
            fn (string $day, int $index): string => $this->checked($object, "{$key}.{$index}", $day),
            $object->texts($key),
            array_keys($object->texts($key)),
        );
    }

    /** @return iterable<string> every day of a range */
    public function range(JsonObject $object): iterable
    {
        $from = new \DateTimeImmutable($this->day($object, 'from'));
        $to = new \DateTimeImmutable($this->day($object, 'to'));
        if ($to < $from) {
            throw $object->wrong('to', 'it ends on the day it begins or later');
        }
        if ((int) $from->diff($to)->days > self::LONGEST_DAYS) {
            throw $object->wrong('to', 'it ends within ten years');
        }
        for ($day = $from; $day <= $to; $day = $day->modify('+1 day')) {
            yield $day->format('Y-m-d');
        }
    }

    /** @return array{int, int} */
    public function stretch(JsonObject $object): array
    {
        $from = $this->instant($object, 'from');
        $to = $this->instant($object, 'to');

        return $to > $from ? [$from, $to] : throw $object->wrong('to', 'it ends after it begins');
    }

    private function checked(JsonObject $object, string $key, string $day): string
    {
        $isDay = preg_match('/^(\d{4})-(\d{2})-(\d{2})\z/', $day, $found) === 1
            && self::isDay((int) $found[1], (int) $found[2], (int) $found[3]);

        return $isDay ? $day : throw $object->wrong($key, "“{$day}” is no day such as 2026-05-01");
    }

    private static function isDay(int $year, int $month, int $day): bool
    {
        return $year >= 1900 && checkdate($month, $day, $year);
    }
}
