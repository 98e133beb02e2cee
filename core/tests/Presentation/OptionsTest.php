<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Presentation;

use NorthBough\Core\Drawing\Drawings;
use NorthBough\Core\Presentation\DescribedOption;
use NorthBough\Core\Presentation\Kinds;
use NorthBough\Core\Presentation\Options;
use NorthBough\Core\Presentation\OptionType;
use NorthBough\Core\Presentation\Presented;
use NorthBough\Core\Presentation\UnknownKind;
use NorthBough\Core\Presentation\WrongOption;
use NorthBough\Core\Report\Reports;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Options are typed where they are used, and are words where they are asked for. */
final class OptionsTest extends TestCase
{
    public function test_they_say_what_they_are_and_what_they_take(): void
    {
        self::assertEquals([
            new DescribedOption('deep', OptionType::Number, 'Depth', 'How deep', '2', ['1', '2', '3']),
            new DescribedOption('names', OptionType::YesNo, 'Names', 'With names', 'yes', ['yes', 'no']),
            new DescribedOption('paper', OptionType::Choice, 'Paper', 'On what', 'letter', ['a4', 'letter']),
        ], Options::of(Sample::class));
        self::assertSame('How deep: 1 to 3; 2 where nothing is said', Options::of(Sample::class)[0]->help());
        self::assertSame('On what: a4 or letter; letter where nothing is said', Options::of(Sample::class)[2]->help());
    }

    public function test_words_become_values_and_what_is_not_given_is_as_usual(): void
    {
        self::assertEquals(new Sample, Options::make(Sample::class, []));
        self::assertEquals(new Sample(3, false, SamplePaper::A4),
            Options::make(Sample::class, ['paper' => 'a4', 'names' => 'no', 'deep' => ' 3 ']));
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function wrong(): iterable
    {
        yield 'too many' => [['deep' => '4'], 'Depth is a number from 1 to 3, not “4”.'];
        yield 'no number' => [['deep' => 'two'], 'Depth is a number from 1 to 3, not “two”.'];
        yield 'a number with more behind it' => [['deep' => '2; --'], 'Depth is a number from 1 to 3, not “2; --”.'];
        yield 'neither yes nor no' => [['names' => '1'], 'Names is yes or no, not “1”.'];
        yield 'no such paper' => [['paper' => ''], 'Paper is a4 or letter, not “”.'];
        yield 'no such option' => [['colour' => 'red'], '“colour” is no option of this kind.'];
    }

    /** @param  array<string, string>  $given */
    #[DataProvider('wrong')]
    public function test_what_is_not_understood_is_refused_in_words(array $given, string $sentence): void
    {
        $this->expectExceptionObject(new WrongOption($sentence));
        Options::make(Sample::class, $given);
    }

    /** @return iterable<string, array{Kinds<Presented>}> */
    public static function kinds(): iterable
    {
        yield 'drawings' => [Drawings::kinds()];
        yield 'reports' => [Reports::kinds()];
    }

    /** @param  Kinds<Presented>  $kinds */
    #[DataProvider('kinds')]
    public function test_every_kind_has_a_code_of_its_own_and_can_be_made_with_each_word_that_it_offers(Kinds $kinds): void
    {
        self::assertSame($kinds->codes(), array_values(array_unique($kinds->codes())));
        foreach ($kinds->classes as $class) {
            self::assertSame($class, $kinds->named($class::code()));
            self::assertMatchesRegularExpression('/^[a-z-]+$/', $class::code());
            foreach (Options::of($class) as $option) {
                $usual = $option->type === OptionType::Several ? explode(',', $option->usual) : [$option->usual];
                self::assertSame([], array_diff($usual, $option->words));
                foreach ($option->words as $word) {
                    self::assertInstanceOf($class, Options::make($class, [$option->name => $word]));
                }
            }
        }
    }

    public function test_an_unknown_kind_says_which_there_are(): void
    {
        $this->expectExceptionObject(new UnknownKind(
            'There is no kind of drawing called “wheel”. There are: '.implode(', ', Drawings::kinds()->codes()).'.'));
        Drawings::named('wheel');
    }
}
