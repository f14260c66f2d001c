<?php

declare(strict_types=1);

namespace Regimen\Strings;

use Regimen\Units\InvalidQuantity;
use Regimen\Units\Length;
use Regimen\Units\TypedText;

/** How thick a string is, and whether it is wound: `10`, `0.010`, `46w`, `46w/18` with its core, `1.17mm w`. */
final readonly class Gauge
{
    /** Share of a wound string that is its core, when the maker does not say; an estimate, common practice. */
    private const CORE = 0.42;

    private function __construct(public Length $diameter, public bool $wound, private ?Length $statedCore)
    {
    }

    /**
     * A number of 5 or more is in thousandths of an inch, a smaller one in inches, with `mm` in millimetres.
     *
     * @throws InvalidQuantity
     */
    public static function parse(string $typed): self
    {
        if (
            preg_match('/^(\d*\.?\d+)(mm)?(w?)(?:\/(\d*\.?\d+)(mm)?)?$/i', TypedText::of($typed), $found) !== 1
            || $found[3] === ''
            && isset($found[4])
        ) {
            throw InvalidQuantity::unreadable($typed, '10', '0.013', '46w', '46w/18')->explained(
                'w for a wound string, the treble first',
            );
        }
        $diameter = self::diameter($found[1], $found[2] !== '');
        $core = isset($found[4]) ? self::diameter($found[4], ($found[5] ?? '') !== '') : null;
        if ($diameter->mm < 0.15 || $diameter->mm > 5) {
            throw InvalidQuantity::outside($typed, '6', '196');
        }
        if ($core !== null && ($core->mm >= $diameter->mm || $core->mm < 0.1)) {
            throw new InvalidQuantity("“{$typed}”: a core is thinner than its string.");
        }

        return new self($diameter, strtolower($found[3]) === 'w', $core);
    }

    private static function diameter(string $number, bool $inMillimetres): Length
    {
        $value = (float) $number;

        return match (true) {
            $inMillimetres => Length::ofMillimetres($value),
            $value >= 5 => Length::ofInches($value / 1000),
            default => Length::ofInches($value),
        };
    }

    public function core(): Length
    {
        return $this->statedCore ?? Length::ofMillimetres($this->diameter->mm * self::CORE);
    }

    /** Whether the mass rests on an estimated core. */
    public function isEstimated(): bool
    {
        return $this->wound;
    }

    /** As it is typed, `46w/18`; reads back as the same gauge. */
    public function typed(): string
    {
        return round($this->diameter->inches() * 1000, 2).($this->wound ? 'w' : '')
            .($this->statedCore === null ? '' : '/'.round($this->statedCore->mm, 4).'mm');
    }

    public function withDiameter(float $mil): self
    {
        return self::parse(round($mil, 1).($this->wound ? 'w' : ''));
    }

    /** `.046 w` */
    public function inWords(): string
    {
        return ltrim(sprintf('%.3f', $this->diameter->inches()), '0').($this->wound ? ' w' : '');
    }
}
