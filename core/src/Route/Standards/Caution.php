<?php

declare(strict_types=1);

namespace Regimen\Route\Standards;

/** The usual cautions, shown at the operations they belong to. They never say that something is safe. */
enum Caution: string
{
    public const CLOSING = 'Follow the maker’s data sheet, local codes and licensed practice.';

    case Machines = 'machines';
    case Dust = 'dust';
    case Solvents = 'solvents';
    case OilyRags = 'oily-rags';
    case Adhesives = 'adhesives';
    case Soldering = 'soldering';
    case Tension = 'tension';
    case Isocyanates = 'isocyanates';
    case Binding = 'binding';
    case Shell = 'shell';
    case Superglue = 'superglue';
    case Sensitising = 'sensitising';
    case Lifting = 'lifting';
    case Tired = 'tired';
    case Chemicals = 'chemicals';
    case HotWax = 'hot-wax';
    case HotIron = 'hot-iron';

    /**
     * @param  array<self>  $cautions
     * @return list<string> each once, with the closing sense once at the end
     */
    public static function together(array $cautions): array
    {
        $words = array_values(
            array_map(
                static fn (self $caution): string => trim(str_replace(self::CLOSING, '', $caution->words())),
                $cautions,
            ),
        );

        return $words === [] ? [] : [...$words, self::CLOSING];
    }

    public function words(): string
    {
        return match ($this) {
            self::Machines => 'Eye and hearing protection, no gloves or loose sleeves, the work held by a jig or clamp, '
                .'small passes against the cutter, unplug to change bits.',
            self::Dust => 'Extraction and respirator; several tropical timbers sensitise, and shell dust is harmful: '
                .'cut it wet.',
            self::Solvents => 'Ignition sources out, explosion-proof extraction, respirator; booth rules are the fire '
                .'authority’s.',
            self::OilyRags => 'Oily rags can ignite by themselves: dry them flat outdoors or keep them in water in a '
                .'closed metal can.',
            self::Adhesives => 'Gloves and air with superglue, epoxy and accelerators.',
            self::Soldering => 'Lead and fumes: extraction, and wash your hands. Mains wiring is for a licensed person.',
            self::Binding => 'Celluloid burns fiercely: heat guns, flames and solvents apart from it; gloves and air '
                .'with its cement.',
            self::Isocyanates => 'Two-part finishes carry isocyanates: air supplied from outside, not a filter, gloves '
                .'and skin covered, nobody else in the room.',
            self::Shell => 'Shell and bone dust is harmful: cut it wet, with extraction and respirator.',
            self::Superglue => 'Superglue and its accelerator: gloves, air, eyes covered; under a UV lamp the eyes too.',
            self::Sensitising => 'The dust of this timber sensitises many people: extraction, respirator, skin covered.',
            self::Lifting => 'Planks are heavy: lift with two, from the knees.',
            self::Tired => 'Many saw cuts happen late in a long day, in the cold, in a hurry: leave it for the morning.',
            self::HotWax => 'Hot wax burns skin and catches fire: melt it in a water bath, never over a flame, and stay '
                .'with it.',
            self::HotIron => 'A bending iron burns skin and scorches timber: gloves, nothing that burns beside it, cable out of the way.',
            self::Chemicals => 'Caustic and ageing chemicals: outdoors, gloves, face shield.',
            self::Tension => 'Strings under tension: protect your eyes, and never force a stuck truss rod.',
        }.' '.self::CLOSING;
    }
}
