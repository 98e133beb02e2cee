<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Privacy;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Gedcom\Row\AlternativeRow;
use NorthBough\Core\Gedcom\Row\ClaimClassification;
use NorthBough\Core\Gedcom\Row\ClaimRow;
use NorthBough\Core\Gedcom\Row\FactRef;
use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\Owner;
use NorthBough\Core\Gedcom\Row\SearchRow;
use NorthBough\Core\Privacy\LivingNames;
use NorthBough\Core\Privacy\Redactor;
use NorthBough\Core\Stored\Described;
use NorthBough\Core\Stored\Description;
use NorthBough\Core\Stored\Field;
use PHPUnit\Framework\TestCase;

/** What leaves without the living: every text but those declared safe, every id of somebody but those of the dead. */
final class RedactorTest extends TestCase
{
    public function test_a_text_that_nobody_thought_of_is_redacted(): void
    {
        $value = new class('Una Osk', 'Una Osk', ['a' => ['Una Osk']], 7) implements Described
        {
            /** @param  array<string, list<string>>  $many */
            public function __construct(
                #[Field(isSafe: true)] public string $code,
                public string $added,
                public array $many,
                public int $number,
            ) {
            }
        };
        $copy = $this->redactor()->copy($value);
        self::assertSame(['Una Osk', '[living]', ['a' => ['[living]']], 7], [$copy->code, $copy->added, $copy->many, $copy->number]);
    }

    public function test_texts_within_and_people_named_by_id(): void
    {
        $claim = new ClaimRow('c', 'r', new FactRef(Owner::Event, 'e'), 'Una Osk was there', '3', 0, [], null,
            new ClaimClassification(informant: 'Una Osk', weight: 'strong'));
        $copy = $this->redactor()->copy($claim);
        self::assertSame(['[living] was there', '[living]', 'strong', 'e'],
            [$copy->words, $copy->classes->informant, $copy->classes->weight, $copy->subject->id]);

        self::assertSame(['', 'dead'], [
            $this->redactor()->copy(new AlternativeRow('a', 'q', 'una', '', '', 0))->personId,
            $this->redactor()->copy(new AlternativeRow('a', 'q', 'dead', '', '', 0))->personId,
        ]);
        $search = new SearchRow('s', GenDate::phrase(''), 'Una Osk', '', '', true, '', '', '', 0, ['una', 'dead']);
        self::assertSame([['dead'], '[living]'], [$this->redactor()->copy($search)->people, $this->redactor()->copy($search)->lookedFor]);
        self::assertSame("1 NOTE [living]\n2 CONT of Hask\n", $this->redactor()
            ->copy(new KeptRow('k', null, '', 'NOTE', 0, "1 NOTE Una Osk\n2 CONT of Hask\n"))->lines);
    }

    public function test_every_value_of_a_file_can_be_copied_and_says_of_each_text_what_it_is(): void
    {
        $texts = [];
        foreach (glob(__DIR__.'/../../src/Gedcom/Row/*.php') ?: [] as $file) {
            $class = 'NorthBough\\Core\\Gedcom\\Row\\'.basename($file, '.php');
            if (class_exists($class) && is_subclass_of($class, Described::class)) {
                $names = array_map(static fn ($field): string => $field->name,
                    array_filter(Description::of($class), static fn ($field): bool => $field->isFreeText()));
                $texts[basename($file, '.php')] = implode(' ', $names);
            }
        }
        // What leaves untouched is listed by what does not: a new text stands here on its first day.
        self::assertSame('words', $texts['ClaimRow']);
        self::assertSame('informant informantTie origin why withdrawn', $texts['ClaimClassification']);
        self::assertSame('title author publication abbreviation text callNumber fields listName', $texts['SourceRow']);
        self::assertSame('title decision reason summary reopenedBy alternatives tasks', $texts['QuestionRow']);
        self::assertSame('place fields transcription fileNumber', $texts['RecordHead']);
        self::assertSame('', $texts['PersonRow']);
        self::assertGreaterThan(30, count($texts));
    }

    private function redactor(): Redactor
    {
        $names = new LivingNames([['Una', 'Osk']]);
        $lines = static fn (string $lines): string => (string) preg_replace_callback('/(?<=NOTE ).*/',
            static fn (array $m): string => $names->hide($m[0]), $lines);

        return new Redactor($names->hide(...), $lines, static fn (string $id): bool => $id === 'una');
    }
}
