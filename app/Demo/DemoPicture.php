<?php

declare(strict_types=1);

namespace App\Demo;

/** A picture of the demo that is no page: one face or several, or a view of a place. */
final class DemoPicture
{
    /** @var list<array{person: string, words: string, hair: string, beard: string, dress: string}> */
    public array $faces = [];

    /** @param  string  $place  key of the place that it is a view of; empty for a picture of people */
    public function __construct(public readonly string $key, public readonly string $title, public readonly string $place)
    {
    }

    /**
     * @return list<self>
     *
     * @throws DemoProblem at the first line that is not understood
     */
    public static function all(string $file): array
    {
        $pictures = [];
        foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $index => $line) {
            [$word, $rest] = explode(' ', trim($line), 2) + [1 => ''];
            $last = end($pictures);
            if ($word === 'picture') {
                $pictures[] = new self(...DemoLoader::parts($rest, 3));
            } elseif ($word === 'face' && $last !== false) {
                [$person, $words, $hair, $beard, $dress] = DemoLoader::parts($rest, 5);
                $last->faces[] = ['person' => $person, 'words' => $words, 'hair' => $hair, 'beard' => $beard, 'dress' => $dress];
            } elseif ($word !== '' && ! str_starts_with($word, '#')) {
                throw DemoProblem::at($file, $index + 1, "“{$word}” is no word of a file of pictures.");
            }
        }

        return $pictures;
    }
}
