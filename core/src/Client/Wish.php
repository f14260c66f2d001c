<?php

declare(strict_types=1);

namespace Regimen\Client;

/** What a player says of how they play and what they miss. */
enum Wish: string
{
    case Chords = 'chords';
    case Bends = 'bends';
    case Slide = 'slide';
    case Fingers = 'fingers';
    case LowTuning = 'low-tuning';
    case SmallHands = 'small-hands';
    case LargeHands = 'large-hands';
    case Fast = 'fast';
    case Bright = 'bright';
    case Dark = 'dark';
    case Loud = 'loud';
    case Light = 'light';

    /** As it is asked. */
    public function words(): string
    {
        return match ($this) {
            self::Chords => 'plays mostly chords', self::Bends => 'bends strings far', self::Slide => 'plays with a slide', self::Fingers => 'plays with the fingers', self::LowTuning => 'tunes low',
            self::SmallHands => 'has small hands, or is tired soon', self::LargeHands => 'has large hands', self::Fast => 'plays fast, and light', self::Bright => 'misses clarity', self::Dark => 'wants it darker and warmer',
            self::Loud => 'wants more output', self::Light => 'finds what they have too heavy',
        };
    }

    /**
     * What it moves, from what is usual: field, by how much or to what, why, and what that costs in other wishes. All of it common
     * practice.
     *
     * @return list<Move>
     */
    public function moves(): array
    {
        return match ($this) {
            self::Chords => [
                Move::by('radius', -63.5, 'a rounder board lies under a barré', 'far bends choke sooner'), Move::by('thicknessFirst', 0.5, 'a fuller neck carries the hand that holds a chord', 'less reach for the thumb'),
            ],
            self::Bends => [
                Move::by('radius', 101.6, 'on a flatter board a bent string stays clear of the frets', 'barrés want more pressure'), Move::by('crownHeight', 0.15, 'on a higher fret the finger gets under the string', 'a heavy hand pulls it sharp'),
                Move::to('gauges', '9 11 16 24w 32w 42w', 'a lighter set bends with less force', 'less tone from the low strings'),
            ],
            self::Slide => [
                Move::by('actionTreble', 0.6, 'the slide must not touch the frets', 'slower for the left hand'), Move::by('actionBass', 0.6, 'the slide must not touch the frets', 'slower for the left hand'),
                Move::to('gauges', '11 14 18 28w 38w 49w', 'a heavier set carries the slide', 'bends by hand are hard work'),
            ],
            self::Fingers => [
                Move::by('nutWidth', 1.5, 'more room between the strings for the fingers', 'a longer way round the neck'), Move::by('actionTreble', 0.2, 'a plucked string swings wider', 'slower for the left hand'),
            ],
            self::LowTuning => [
                Move::by('scale', 25.4, 'a longer scale keeps low strings tight', 'wider stretches'), Move::to('gauges', '11 14 18 30w 42w 56w', 'a heavier set is tight when it is tuned down', 'bends by hand are hard work'),
            ],
            self::SmallHands => [
                Move::by('scale', -19.05, 'a shorter scale has narrower stretches and softer strings', 'low strings are looser'), Move::by('nutWidth', -1.0, 'less to reach around', 'less room between the strings'),
                Move::by('thicknessFirst', -1.5, 'a thinner neck lets the thumb round', 'a stiffer hand tires on it; it bends more with the weather'), Move::by('thicknessTwelfth', -1.0, 'a thinner neck lets the thumb round', 'it bends more with the weather'),
            ],
            self::LargeHands => [
                Move::by('nutWidth', 1.5, 'room between the strings', 'a longer way round the neck'), Move::by('thicknessFirst', 1.5, 'a fuller neck fills the hand', 'less reach for the thumb'), Move::by('thicknessTwelfth', 1.5, 'a fuller neck fills the hand', 'a little more weight'),
            ],
            self::Fast => [
                Move::by('actionTreble', -0.3, 'low strings are pressed in no time', 'they rattle under a hard pick'), Move::by('actionBass', -0.3, 'low strings are pressed in no time', 'they rattle under a hard pick'),
                Move::by('thicknessFirst', -1.0, 'a thin neck lets the hand travel', 'it bends more with the weather'), Move::to('profile', 'D', 'a flat back guides the thumb', 'chords feel thinner'),
            ],
            self::Bright => [
                Move::by('scale', 12.7, 'a longer string is clearer', 'wider stretches'), Move::to('pots', '500k', 'high pots keep the treble', 'more hiss from a bad cable'), Move::to('capacitors', '22 nF', 'a small capacitor takes little away', 'the tone knob does less'),
            ],
            self::Dark => [
                Move::by('scale', -19.05, 'a shorter string is rounder', 'low strings are looser'), Move::to('pots', '250k', 'low pots take the edge off', 'it cannot be had back'), Move::to('capacitors', '47 nF', 'a large capacitor reaches lower', 'it turns muffled sooner'),
            ],
            self::Loud => [Move::to('pickups', 'humbucker', 'two coils give more and hum less', 'less air in the treble'), Move::to('pots', '500k', 'high pots load two coils less', 'brighter than with one coil')],
            self::Light => [
                Move::to('targetWeight', '3 kg', 'so much hangs well on a shoulder', 'thinner walls, or lighter and softer timber'), Move::to('body', 'chambered', 'chambers take the weight out of the body', 'more work, and it may howl when it is loud'),
            ],
        };
    }
}
