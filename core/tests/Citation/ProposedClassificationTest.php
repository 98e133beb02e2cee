<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Citation;

use NorthBough\Core\Citation\ProposedClassification;
use NorthBough\Core\Citation\SourceKinds;
use NorthBough\Core\Claim\Directness;
use NorthBough\Core\Claim\Information;
use NorthBough\Core\Claim\SourceClass;
use NorthBough\Core\Record\RecordKinds;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is proposed of a claim that nobody classed: for each kind of record, each aspect by itself. */
final class ProposedClassificationTest extends TestCase
{
    /** @return iterable<string, array{string, string, Information}> kind of record, aspect, what is proposed */
    public static function aspects(): iterable
    {
        $rows = [
            ['baptism', 'birth', Information::Primary], ['baptism', 'baptism', Information::Primary],
            ['baptism', 'child', Information::Primary], ['baptism', 'occupation', Information::Primary],
            ['marriage', 'marriage', Information::Primary], ['marriage', 'birth', Information::Secondary],
            ['marriage', 'child', Information::Secondary], ['marriage', 'occupation', Information::Primary],
            ['burial', 'burial', Information::Primary], ['burial', 'birth', Information::Secondary],
            ['burial', 'death', Information::Undetermined], ['burial', 'occupation', Information::Secondary],
            ['death-certificate', 'death', Information::Undetermined], ['death-certificate', 'birth', Information::Secondary],
            ['death-certificate', 'residence', Information::Secondary],
            ['census-1881', 'birth', Information::Secondary], ['census-1881', 'census', Information::Primary],
            ['census-1881', 'occupation', Information::Primary], ['census-1881', 'residence', Information::Primary],
            ['census-1881', 'child', Information::Secondary], ['census-1881', 'marriage', Information::Undetermined],
        ];
        foreach ($rows as [$kind, $aspect, $information]) {
            yield "{$aspect} of a {$kind}" => [$kind, $aspect, $information];
        }
    }

    #[DataProvider('aspects')]
    public function test_whether_the_informant_knew_it(string $kind, string $aspect, Information $information): void
    {
        self::assertSame($information, ProposedClassification::information(RecordKinds::named($kind), $aspect));
    }

    public function test_of_a_record_of_no_kind_nothing_is_proposed(): void
    {
        foreach (['birth', 'death', 'marriage', 'child', 'name'] as $aspect) {
            self::assertSame(Information::Unstated, ProposedClassification::information(null, $aspect));
        }
    }

    /** @return iterable<string, array{string, SourceClass}> */
    public static function sources(): iterable
    {
        yield 'a census page' => ['census-page', SourceClass::Original];
        yield 'anything' => ['any-source', SourceClass::Unstated];
        yield 'a web page' => ['web-page', SourceClass::Unstated];
        foreach (SourceKinds::all() as $kind) {
            if (preg_match('/transcript|index|database|extract|abstract/', $kind->code) === 1) {
                yield "made from another: {$kind->code}" => [$kind->code, SourceClass::Derivative];
            }
            if (str_starts_with($kind->code, 'book')) {
                yield "weighs others: {$kind->code}" => [$kind->code, SourceClass::Authored];
            }
        }
    }

    #[DataProvider('sources')]
    public function test_what_a_kind_of_source_is(string $kind, SourceClass $class): void
    {
        self::assertSame($class, ProposedClassification::source(SourceClass::Unstated, SourceKinds::all()[$kind]));
    }

    public function test_what_somebody_said_stands_whatever_the_kind(): void
    {
        foreach (SourceKinds::all() as $kind) {
            foreach ([SourceClass::Original, SourceClass::Derivative, SourceClass::Authored] as $said) {
                self::assertSame($said, ProposedClassification::source($said, $kind));
            }
        }
        self::assertSame(Directness::Negative, ProposedClassification::directness(Directness::Negative));
        self::assertSame(Directness::Direct, ProposedClassification::directness(Directness::Unstated));
    }
}
