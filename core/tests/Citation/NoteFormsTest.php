<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Citation;

use NorthBough\Core\Citation\NoteForms;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Tree\CitedSource;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A source of no kind, in its three forms, whatever of it is known. */
final class NoteFormsTest extends TestCase
{
    /**
     * @return iterable<string, array{list<string>, string, string, string, string}> title, author, publication, repository;
     *     page; full, short, bibliography
     */
    public static function sources(): iterable
    {
        yield 'all is known' => [['Wage Books', 'Slate Company', 'manuscript, 1822', 'Record House'], 'f. 8',
            'Slate Company, *Wage Books* (manuscript, 1822), f. 8; Record House.', 'Slate Company, *Wage Books*, f. 8.',
            'Slate Company. *Wage Books*. Manuscript, 1822. Record House.'];
        yield 'a title alone' => [['Wage Books', '', '', ''], '', '*Wage Books*.', '*Wage Books*.', '*Wage Books*.'];
        yield 'no author' => [['Wage Books', '', 'manuscript', 'Record House'], 'f. 8', '*Wage Books* (manuscript), f. 8; Record House.',
            '*Wage Books*, f. 8.', '*Wage Books*. Manuscript. Record House.'];
        yield 'no page' => [['Wage Books', 'Slate Company', '', ''], '', 'Slate Company, *Wage Books*.', 'Slate Company, *Wage Books*.',
            'Slate Company. *Wage Books*.'];
        yield 'an author that ends with a stop' => [['Letters', 'Drum, K.', '', ''], '', 'Drum, K., *Letters*.', 'Drum, K., *Letters*.',
            'Drum, K. *Letters*.'];
        yield 'a title that ends with a question' => [['Who Kept the Light?', '', '', ''], '', '*Who Kept the Light?*',
            '*Who Kept the Light?*', '*Who Kept the Light?*'];
        yield 'an address for a publication' => [['Papers', '', 'https://isles.example/papers', ''], '',
            '*Papers* (https://isles.example/papers).', '*Papers*.',
            '*Papers*. https://isles.example/papers.'];
        yield 'a repository in small letters' => [['Letters', '', '', 'in the hands of the family'], '',
            '*Letters*; in the hands of the family.', '*Letters*.',
            '*Letters*. In the hands of the family.'];
    }

    /** @param  list<string>  $said */
    #[DataProvider('sources')]
    public function test_the_three_forms(array $said, string $page, string $full, string $short, string $bibliography): void
    {
        $source = new CitedSource('s', $said[0], $said[1], $said[2], $said[3]);
        self::assertSame([$full, $short, $bibliography],
            array_map(self::shown(...),
                [NoteForms::full($source, $page), NoteForms::short($source, $page), NoteForms::bibliography($source)]));
    }

    /** @param  list<StyledWords>  $words */
    private static function shown(array $words): string
    {
        return implode('',
            array_map(static fn (StyledWords $part): string => $part->style === 'italic' ? "*{$part->text}*" : $part->text, $words));
    }
}
