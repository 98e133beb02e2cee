<?php

declare(strict_types=1);

namespace App\Trees\Numbers;

use Closure;
use NorthBough\Core\Kin\Numbering\LineNumber;

/**
 * Everybody of a line with their numbers, in the order in which they are told. Packed, it is kept in the memory that the processes of
 * the server share, until the tree changes: what numbers two hundred thousand people takes some seconds, and its list is read page by page.
 */
final readonly class EveryNumber
{
    private const KEPT_SECONDS = 3600;

    /**
     * @param  string  $ids  sixteen bytes each
     * @param  string  $numbers  a line each
     */
    private function __construct(private string $ids, private string $numbers)
    {
    }

    /**
     * @param  list<string>  $of  all that the numbers depend on
     * @param  Closure(): list<array{string, LineNumber}>  $count
     */
    public static function kept(array $of, Closure $count): self
    {
        $key = 'numbers '.hash('xxh128', implode('|', $of));
        $isThere = function_exists('apcu_enabled') && apcu_enabled();
        $found = $isThere ? apcu_fetch($key) : false;
        if (is_array($found)) {
            return new self((string) $found[0], (string) $found[1]);
        }
        $made = self::packed($count());
        if ($isThere) {
            apcu_store($key, [$made->ids, $made->numbers], self::KEPT_SECONDS);
        }

        return $made;
    }

    /** @param  list<array{string, LineNumber}>  $numbers */
    private static function packed(array $numbers): self
    {
        $ids = '';
        $shown = [];
        foreach ($numbers as [$id, $number]) {
            $ids .= hex2bin(str_replace('-', '', $id));
            $shown[] = $number->shown();
        }

        return new self($ids, implode("\n", $shown));
    }

    /** @return list<string> ids, each once */
    public function told(): array
    {
        return array_values(array_unique($this->ids()));
    }

    /**
     * @param  list<string>  $personIds
     * @return array<string, list<string>> numbers by person
     */
    public function of(array $personIds): array
    {
        $wanted = array_flip($personIds);
        $numbers = $this->ids === '' ? [] : explode("\n", $this->numbers);
        $found = [];
        foreach ($this->ids() as $at => $id) {
            if (isset($wanted[$id])) {
                $found[$id][] = $numbers[$at];
            }
        }

        return $found;
    }

    /** @return list<string> the id of whoever has it, or none */
    public function whoHas(string $number): array
    {
        foreach ($this->ids === '' ? [] : explode("\n", $this->numbers) as $at => $other) {
            if (rtrim($other, '?') === $number) {
                return [$this->ids()[$at]];
            }
        }

        return [];
    }

    /** @return list<string> */
    private function ids(): array
    {
        return $this->ids === '' ? [] : array_map(static fn (string $bytes): string => (string) preg_replace(
            '/^(.{8})(.{4})(.{4})(.{4})(.{12})$/', '$1-$2-$3-$4-$5', bin2hex($bytes)), str_split($this->ids, 16));
    }
}
