<?php

declare(strict_types=1);

namespace Regimen\Formats\Cards;

use Regimen\Formats\TextFile;
use Regimen\Units\UnreadableFile;
use Sabre\VObject\Component\VCard;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property;
use Sabre\VObject\Reader;

/** People out of an address book and into one (vCard, RFC 6350 and 2426; also the older 2.1). Read whole or not at all. */
final class Cards
{
    private const LARGEST_BYTES = 20_000_000;

    /** So many people no workshop knows. */
    private const MOST = 20_000;

    private const LONGEST_CARD = 400_000;

    private const LONGEST = ['name' => 80, 'email' => 120, 'phone' => 60, 'address' => 400, 'note' => 1_000];

    /** A number to be reached by, before others. */
    private const LINES = 8;

    /**
     * @return list<Card> one at least
     *
     * @throws UnreadableFile naming the line and what would be right
     */
    public static function read(string $bytes): array
    {
        $text = TextFile::decoded($bytes, self::LARGEST_BYTES, 'an address book');
        $cards = [];
        foreach (self::parted($text) as $line => $part) {
            $cards[] = self::card($part, $line);
        }
        if ($cards === []) {
            throw UnreadableFile::because('There is no person in it: an address book as vCards begins with BEGIN:VCARD.');
        }

        return $cards;
    }

    /** @param  iterable<Card>  $cards */
    public static function write(iterable $cards): string
    {
        $text = '';
        foreach ($cards as $card) {
            $words = preg_split('/\s+(?=\S+$)/u', $card->name, 2) ?: [$card->name];
            $out = new VCard(['VERSION' => '4.0', 'FN' => $card->name, 'N' => count($words) === 2 ? [$words[1], $words[0], '', '', ''] : [$words[0], '', '', '', '']], false);
            foreach (['EMAIL' => $card->email, 'TEL' => $card->phone, 'NOTE' => $card->note] as $name => $value) {
                $value === '' || $out->add($name, $value);
            }
            // What was written in lines goes into the street: nobody knows which of them is the town.
            $card->address === '' || $out->add('ADR', ['', '', $card->address, '', '', '', '']);
            $text .= $out->serialize();
        }

        return $text;
    }

    /**
     * Each card by itself: one that cannot be read is named by its line, and ten thousand do not stand in memory at once.
     *
     * @return \Generator<int, string> by the line at which it begins
     */
    private static function parted(string $text): \Generator
    {
        $card = [];
        $begun = 0;
        $count = $size = 0;
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $text)) as $at => $line) {
            $size += strlen($line);
            if (strcasecmp(trim($line), 'BEGIN:VCARD') === 0) {
                if ($begun > 0) {
                    throw UnreadableFile::at($at + 1, "a card begins here before the one of line {$begun} is over; END:VCARD is missing");
                }
                [$begun, $card, $size] = [$at + 1, [], 0];
                if (++$count > self::MOST) {
                    throw UnreadableFile::because('There are more than '.number_format(self::MOST).' people in it; take the clients alone.');
                }
            }
            if ($begun === 0) {
                if (trim($line) !== '') {
                    throw UnreadableFile::at($at + 1, 'a card has to begin with BEGIN:VCARD');
                }

                continue;
            }
            if ($size > self::LONGEST_CARD) {
                throw UnreadableFile::at($begun, 'this card is larger than 400 kB; leave its picture out');
            }
            $card[] = $line;
            if (strcasecmp(trim($line), 'END:VCARD') === 0) {
                yield $begun => implode("\r\n", $card)."\r\n";
                $begun = 0;
            }
        }
        if ($begun > 0) {
            throw UnreadableFile::at($begun, 'this card is not over at the end of the file; END:VCARD is missing');
        }
    }

    private static function card(string $text, int $line): Card
    {
        try {
            $card = Reader::read($text, Reader::OPTION_FORGIVING | Reader::OPTION_IGNORE_INVALID_LINES);
        } catch (ParseException $wrong) {
            throw UnreadableFile::at($line, "this card cannot be read: {$wrong->getMessage()}");
        }
        if (! $card instanceof VCard) {
            throw UnreadableFile::at($line, 'this is no card of a person');
        }
        $name = self::text($card, 'FN');
        if ($name === '') {
            $parts = $card->select('N')[0] ?? null;
            $parts = $parts instanceof Property ? array_pad($parts->getParts(), 2, '') : ['', ''];
            $name = trim("{$parts[1]} {$parts[0]}");
        }
        $name = $name === '' ? self::text($card, 'ORG') : $name;
        if ($name === '') {
            throw UnreadableFile::at($line, 'this card names nobody; it needs FN, N or ORG');
        }
        $said = ['name' => $name, 'email' => self::text($card, 'EMAIL'), 'phone' => preg_replace('/^tel:/i', '', self::text($card, 'TEL')) ?? '', 'address' => self::address($card), 'note' => self::text($card, 'NOTE')];
        foreach ($said as $field => $value) {
            if (mb_strlen($value) > self::LONGEST[$field]) {
                throw UnreadableFile::at($line, "the {$field} of “".mb_strimwidth($name, 0, 40, '…').'” is longer than '.self::LONGEST[$field].' signs');
            }
        }

        return new Card(...$said);
    }

    /** The first of its kind; several of them are in the order in which they are wanted. */
    private static function text(VCard $card, string $name): string
    {
        $one = $card->select($name)[0] ?? null;
        $text = $one instanceof Property ? implode(', ', array_filter(array_map(static fn (mixed $part): string => is_scalar($part) ? trim((string) $part) : '', $one->getParts()))) : '';

        return trim((string) preg_replace('/[^\S\n]+|[\x00-\x09\x0B-\x1F\x7F]+/u', ' ', $name === 'NOTE' ? $text : str_replace("\n", ' ', $text)));
    }

    private static function address(VCard $card): string
    {
        $one = $card->select('ADR')[0] ?? null;
        if (! $one instanceof Property) {
            return '';
        }
        [$box, $more, $street, $town, $region, $code, $country] = array_map(static fn (mixed $part): string => is_scalar($part) ? trim((string) $part) : '', array_pad($one->getParts(), 7, ''));

        return implode("\n", array_slice(array_filter([$box, $more, $street, trim("{$code} {$town}"), $region, $country]), 0, self::LINES));
    }
}
