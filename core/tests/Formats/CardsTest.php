<?php

declare(strict_types=1);

namespace Regimen\Tests\Formats;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Formats\Cards\Card;
use Regimen\Formats\Cards\Cards;
use Regimen\Units\UnreadableFile;
use Sabre\VObject\Component\VCard;
use Sabre\VObject\Reader;

/** vCards by RFC 6350, 2426 and the older 2.1. Made-up people throughout. */
final class CardsTest extends TestCase
{
    public function test_a_card_is_read_as_the_standard_writes_it(): void
    {
        // Folded lines, escaped commas, several numbers, a group: RFC 6350, 3.2 to 3.4 and 6.2 to 6.4.
        $text = "BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Bodil Rask\r\nN:Rask;Bodil;;;\r\nitem1.EMAIL;TYPE=home:bodil@example.org\r\nTEL;VALUE=uri;PREF=1:tel:+47-555-0101\r\nTEL:555-2\r\n"
            ."ADR;TYPE=home:;;Fjordgate 3\\, yard;Nordvik;;0550;Norway\r\nNOTE:Plays slide\\, low\r\n  tunings.\\nWrites rarely.\r\nEND:VCARD\r\n";
        $this->assertEquals([new Card('Bodil Rask', 'bodil@example.org', '+47-555-0101', "Fjordgate 3, yard\n0550 Nordvik\nNorway", "Plays slide, low tunings.\nWrites rarely.")], Cards::read($text));
    }

    public function test_older_cards_and_those_without_a_formatted_name_are_read(): void
    {
        $this->assertEquals('Åse Lund', Cards::read("BEGIN:VCARD\nVERSION:2.1\nN;CHARSET=UTF-8;ENCODING=QUOTED-PRINTABLE:Lund;=C3=85se\nEND:VCARD\n")[0]->name);
        $this->assertEquals('Tarn Music School', Cards::read("BEGIN:VCARD\nVERSION:3.0\nORG:Tarn Music School\nEND:VCARD\n")[0]->name);
        $this->assertEquals('Zoë Ny', Cards::read(mb_convert_encoding("BEGIN:VCARD\nVERSION:3.0\nFN:Zoë Ny\nEND:VCARD\n", 'Windows-1252'))[0]->name);
    }

    public function test_what_is_written_is_read_again(): void
    {
        $people = [
            new Card('Bodil Rask', 'bodil@example.org', '+47 555 0101', "Fjordgate 3, yard\n0550 Nordvik", "Plays slide; low tunings, \\ and so on\nand more"),
            new Card('Cher', '', '', '', ''),
        ];
        $text = Cards::write($people);
        $this->assertEquals($people, Cards::read($text));
        // By the library that reads address books elsewhere: the first card is valid by its rules.
        $card = Reader::read(substr($text, 0, (int) strpos($text, 'END:VCARD') + 11));
        $this->assertInstanceOf(VCard::class, $card);
        $this->assertSame([], array_filter($card->validate(), static fn (array $one): bool => $one['level'] > 2));
    }

    public function test_ten_thousand_people_are_read(): void
    {
        $text = '';
        for ($number = 1; $number <= 10_000; $number++) {
            $text .= "BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Person {$number}\r\nEMAIL:p{$number}@example.org\r\nEND:VCARD\r\n";
        }
        $cards = Cards::read($text);
        $this->assertCount(10_000, $cards);
        $this->assertSame('p9999@example.org', $cards[9_998]->email);
        $this->expectExceptionMessage('more than 20,000 people');
        Cards::read($text.$text.$text);
    }

    /** @return array<string, array{string, string}> */
    public static function wrong(): array
    {
        return [
            'empty' => ['', 'no person'],
            'another format' => ["Name;Mail\nBodil;b@example.org\n", 'Line 1 can\'t be read: a card has to begin with BEGIN:VCARD'],
            'not over' => ["BEGIN:VCARD\nVERSION:4.0\nFN:Bodil\n", 'Line 1 can\'t be read: this card is not over'],
            'within each other' => ["BEGIN:VCARD\nFN:A\nBEGIN:VCARD\nFN:B\nEND:VCARD\n", 'Line 3 can\'t be read: a card begins here'],
            'nobody' => ["\nBEGIN:VCARD\nVERSION:4.0\nEMAIL:x@example.org\nEND:VCARD\n", 'Line 2 can\'t be read: this card names nobody'],
            'too long' => ["BEGIN:VCARD\nVERSION:4.0\nFN:".str_repeat('x', 81)."\nEND:VCARD\n", 'is longer than 80 signs'],
            'no text' => ["BEGIN:VCARD\nFN:A\0B\nEND:VCARD\n", 'Line 2'],
            'huge' => ["BEGIN:VCARD\nFN:A\nPHOTO:".str_repeat('QUJD', 110_000)."\nEND:VCARD\n", 'leave its picture out'],
        ];
    }

    #[DataProvider('wrong')]
    public function test_what_cannot_be_read_is_refused_by_its_line(string $text, string $words): void
    {
        $this->expectException(UnreadableFile::class);
        $this->expectExceptionMessage($words);
        Cards::read($text);
    }
}
