<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\RoleRow;
use NorthBough\Core\Gedcom\Version;
use PHPUnit\Framework\TestCase;

final class RolesTest extends TestCase
{
    private const ROLES = [
        '2 ASSO @I2@', '3 ROLE WITN',
        '2 ASSO @VOID@', '3 PHRASE Jn Osk', '3 ROLE GODP',
        '2 ASSO @I3@', '3 ROLE OTHER', '4 PHRASE informant',
        '2 ASSO @I3@', '3 ROLE OTHER',
        // These say more than who and in what role, and are kept whole.
        '2 ASSO @I2@', '3 ROLE WITN', '3 NOTE signed with a cross',
        '2 ASSO @I2@', '3 ROLE CLERGY', '4 PHRASE the young one',
        '2 ASSO @I9@', '3 ROLE WITN',
    ];

    public function test_roles_are_read_and_written_back_as_they_stood(): void
    {
        $tree = MemoryTree::reading(self::file(self::ROLES));
        $roles = array_map(static fn (RoleRow $row): array => [$row->role, $row->words, $row->personId !== null],
            $tree->all(RoleRow::class));

        self::assertSame([['witness', '', true], ['godparent', 'Jn Osk', false], ['informant', '', true], ['other', '', true]], $roles);
        self::assertCount(3, $tree->all(KeptRow::class, static fn (KeptRow $row): bool => str_contains($row->lines, 'ASSO')));
        self::assertSame(SaysTheSame::normalised(self::file(self::ROLES)), SaysTheSame::normalised($tree->written(Version::V7)));
    }

    public function test_the_older_version_holds_them_in_our_extension_and_gives_them_back(): void
    {
        $plain = array_slice(self::ROLES, 0, 10);
        $older = MemoryTree::reading(self::file($plain))->written(Version::V551);
        self::assertStringContainsString("2 _NB_ASSO @I2@\n3 RELA witness\n", $older);
        $again = MemoryTree::reading($older);

        self::assertSame(['witness', 'godparent', 'informant', 'other'],
            array_map(static fn (RoleRow $row): string => $row->role, $again->all(RoleRow::class)));
        self::assertStringContainsString("2 ASSO @I3@\n3 ROLE OTHER\n4 PHRASE informant\n", $again->written(Version::V7));
    }

    /** @param  list<string>  $roles */
    private static function file(array $roles): string
    {
        return implode("\n",
            ['0 HEAD', '1 GEDC', '2 VERS 7.0', '0 @I1@ INDI', '1 NAME Ewan /Tarrel/', '1 BIRT', '2 DATE 30 JUL 1847', ...$roles,
                '0 @I2@ INDI', '1 NAME Jean /Penhask/', '0 @I3@ INDI', '1 NAME Bran /Drum/', '0 TRLR', '']);
    }
}
