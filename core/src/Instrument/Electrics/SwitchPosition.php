<?php

declare(strict_types=1);

namespace Regimen\Instrument\Electrics;

use Regimen\Electronics\Loading;
use Regimen\Units\InvalidQuantity;

/**
 * One position of the pickup switch: the pickups that must sound there, in parallel, in series or split (CALCULATIONS
 * E2, E4).
 */
final readonly class SwitchPosition
{
    public const EXAMPLES = ['neck', 'neck + bridge', 'neck in series with bridge', 'bridge split'];

    /** @var list<string> names of the pickups that sound, each once */
    public array $pickups;

    /**
     * @param  non-empty-list<non-empty-list<SoundingPickup>>  $branches  in parallel with each other; pickups within
     *   one are in series
     */
    private function __construct(public array $branches)
    {
        $this->pickups = array_values(
            array_unique(array_map(static fn (SoundingPickup $one): string => $one->name, array_merge(...$branches))),
        );
    }

    /**
     * `neck + bridge` in parallel, `neck in series with bridge`, `neck split + bridge`; series goes before parallel.
     *
     * @throws InvalidQuantity
     */
    public static function parse(string $typed): self
    {
        $branches = [];
        foreach (preg_split('/\s*(?:[+&]|\bin parallel with\b)\s*/u', mb_strtolower($typed)) ?: [$typed] as $branch) {
            $branches[] = array_map(
                SoundingPickup::parse(...),
                preg_split('/\s+(?:in )?series(?: with)?\s+/u', trim($branch)) ?: [$branch],
            );
        }

        return new self($branches);
    }

    public function inWords(): string
    {
        $branch = static fn (array $pickups): string => implode(
            ' in series with ',
            array_map(static fn (SoundingPickup $one): string => $one->inWords(), $pickups),
        );

        return implode(' + ', array_map($branch, $this->branches));
    }

    /** Whether a pickup stands in it more than once. */
    public function repeats(): bool
    {
        return count($this->pickups) < count(array_merge(...$this->branches));
    }

    /** @return list<string> names of pickups of which not both coils are used in series */
    public function divided(): array
    {
        return array_values(array_unique(array_map(
            static fn (SoundingPickup $one): string => $one->name,
            array_filter(
                array_merge(...$this->branches),
                static fn (SoundingPickup $one): bool => $one->coils !== CoilUse::Whole,
            ),
        )));
    }

    /**
     * E2: resistance of all that sounds together, in kΩ; null where one of them is unknown.
     *
     * @param  array<string, Pickup>  $known  by name in lower case
     */
    public function resistance(array $known): ?float
    {
        $branches = [];
        foreach ($this->branches as $branch) {
            $chain = [];
            foreach ($branch as $one) {
                $resistance = ($known[$one->name] ?? null)?->resistance;
                if ($resistance === null) {
                    return null;
                }
                $chain[] = $resistance * $one->coils->share();
            }
            $branches[] = Loading::series($chain);
        }

        return Loading::parallel($branches);
    }
}
