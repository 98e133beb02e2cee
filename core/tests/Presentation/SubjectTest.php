<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Presentation;

use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Presentation\SubjectMissing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SubjectTest extends TestCase
{
    public function test_one_or_several_as_the_kind_takes_them(): void
    {
        self::assertEquals(Subject::couple('u'), Subject::read(SubjectKind::Couple, ' u '));
        self::assertEquals(Subject::people(['a', 'b']), Subject::read(SubjectKind::People, 'a,,b,'));
        self::assertSame('a', Subject::people(['a', 'b'])->id());
    }

    /** @return iterable<string, array{SubjectKind, string, string}> */
    public static function missing(): iterable
    {
        yield 'nothing' => [SubjectKind::Record, '', 'There is no record of that number in this tree.'];
        yield 'only commas' => [SubjectKind::People, ',,', 'There is no person of that number in this tree.'];
        yield 'two where one is told of' => [SubjectKind::Question, 'a,b', 'There is no question of that number in this tree.'];
        yield 'a set' => [SubjectKind::Set, ' ', 'There is no working set of that number in this tree.'];
    }

    #[DataProvider('missing')]
    public function test_a_subject_that_is_none_is_refused_in_words(SubjectKind $kind, string $words, string $sentence): void
    {
        $this->expectExceptionObject(new SubjectMissing($sentence));
        Subject::read($kind, $words);
    }
}
