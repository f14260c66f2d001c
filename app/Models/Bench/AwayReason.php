<?php

declare(strict_types=1);

namespace App\Models\Bench;

/** Why somebody is called away from an instrument; the time belongs to the day. */
enum AwayReason: string
{
    case Customer = 'customer';
    case Telephone = 'telephone';
    case Delivery = 'delivery';
    case Machine = 'machine';
    case Lesson = 'lesson';
    case Accident = 'accident';
    case Other = 'other';

    public function words(): string
    {
        return match ($this) {
            self::Machine => 'a machine to mend',
            self::Accident => 'an accident',
            self::Other => 'something else',
            default => $this->value,
        };
    }

    /** What somebody means who writes it in a line of their own: `phone`, `customers`, `errands`. */
    public static function meant(string $words): self
    {
        foreach ([
            'customer|client|visitor' => self::Customer, 'phone|call' => self::Telephone, 'deliver|parcel|post' => self::Delivery,
            'machine|repair|sharpen' => self::Machine, 'lesson|teach|class|pupil' => self::Lesson, 'accident|doctor|cut finger' => self::Accident,
        ] as $pattern => $reason) {
            if (preg_match("/{$pattern}/i", $words) === 1) {
                return $reason;
            }
        }

        return self::Other;
    }
}
