<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

/**
 * Which of the files that came with a tree a FILE line means. Programs write paths of the machine that they ran on, with
 * backslashes, percent signs and folders that nobody else has: a file is meant when it is the only one whose path ends so.
 */
final class FileNames
{
    /** @var array<string, string> path by path */
    private array $exact = [];

    /** @var array<string, list<string>> paths by their last name in small letters */
    private array $byName = [];

    /** @param  list<string>  $paths  of the files that came */
    public function __construct(array $paths)
    {
        foreach ($paths as $path) {
            $this->exact[$path] = $path;
            $folders = self::folders($path);
            $this->byName[end($folders) ?: ''][] = $path;
        }
    }

    /** @return string the path of the file that is meant; empty where none or several can be */
    public function meant(string $named): string
    {
        if (isset($this->exact[$named])) {
            return $named;
        }
        $folders = self::folders($named);
        $able = $this->byName[end($folders) ?: ''] ?? [];
        // The more folders agree from the end, the nearer; alone in that, it is the one.
        for ($depth = 1; count($able) > 1 && $depth < count($folders); $depth++) {
            $nearer = array_values(
                array_filter($able,
                    static fn (string $path): bool => array_slice(self::folders($path), -$depth - 1) === array_slice($folders,
                        -$depth - 1)));
            $able = $nearer === [] ? $able : $nearer;
        }
        if (count($able) > 1) {
            $cased = array_values(array_filter($able, static fn (string $path): bool => basename($path) === basename(self::plain($named))));
            $able = count($cased) === 1 ? $cased : [];
        }

        return $able[0] ?? '';
    }

    /** @return list<string> its folders and its name, in small letters */
    private static function folders(string $path): array
    {
        return preg_split('/\//', mb_strtolower(self::plain($path)), flags: PREG_SPLIT_NO_EMPTY) ?: [];
    }

    private static function plain(string $path): string
    {
        $path = preg_match('/%[0-9A-Fa-f]{2}/', $path) === 1 ? rawurldecode($path) : $path;
        $path = (string) preg_replace(['/^file:\/+/i', '/^[A-Za-z]:/'], '', str_replace('\\', '/', $path));

        return (string) preg_replace('/(^|\/)(\.\/)+/', '$1', \Normalizer::normalize($path) ?: $path);
    }
}
