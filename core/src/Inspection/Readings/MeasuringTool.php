<?php

declare(strict_types=1);

namespace Regimen\Inspection\Readings;

/** What something is measured with. What each can tell apart is common practice with no single source. */
enum MeasuringTool: string
{
    case Caliper = 'caliper';
    case DepthGauge = 'depth gauge';
    case Feeler = 'feeler';
    case StraightEdge = 'straight edge';
    case RadiusGauge = 'radius gauge';
    case CentringRule = 'centring rule';
    case LongRule = 'long rule';
    case Rule = 'rule';
    case Rocker = 'rocker';
    case Tuner = 'tuner';
    case MoistureMeter = 'moisture meter';
    case Meter = 'meter';
    case Scale = 'scale';
    case Eye = 'eye';

    /** The first that is named in words such as “caliper from both edges”. */
    public static function in(string $words): self
    {
        $found = self::Eye;
        $at = PHP_INT_MAX;
        foreach (self::cases() as $tool) {
            $place = strpos($words, $tool->value);
            if ($place !== false && $place < $at) {
                [$found, $at] = [$tool, $place];
            }
        }

        return $found;
    }

    /** The smallest difference it shows, in the unit of what is measured with it: mm, cents, %, kΩ or kg. */
    public function resolution(): float
    {
        return match ($this) {
            self::Caliper, self::DepthGauge, self::Rocker, self::StraightEdge, self::RadiusGauge, self::Feeler => 0.01,
            self::CentringRule => 0.05,
            self::Rule => 0.1,
            self::LongRule => 0.25,
            self::Tuner, self::MoistureMeter => 0.1,
            self::Meter, self::Scale => 0.01,
            self::Eye => 1e-6,
        };
    }

    /** Whether it can be plugged in and types what it reads. */
    public function types(): bool
    {
        return in_array($this, [self::Caliper, self::DepthGauge, self::Scale], true);
    }
}
