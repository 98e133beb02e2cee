<?php

declare(strict_types=1);

/**
 * Composer writes no lock file here, so the whole installed set is kept in versions.json instead.
 * --pin writes composer.pinned.json, which asks for exactly that set. Without an argument: fails when what is
 * installed differs. --write takes what is installed as the set from now on.
 */
$file = __DIR__.'/versions.json';
if (in_array('--pin', $argv, true)) {
    /** @var array<string, mixed> $composer */
    $composer = json_decode((string) file_get_contents(__DIR__.'/../composer.json'), true, flags: JSON_THROW_ON_ERROR);
    /** @var array<string, string> $versions */
    $versions = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
    $composer['require'] = ['php' => '^8.2'] + $versions;
    unset($composer['require-dev']);
    // An empty list would be written as [], which Composer refuses.
    $composer['config']['allow-plugins'] = (object) $composer['config']['allow-plugins'];
    file_put_contents(__DIR__.'/../composer.pinned.json',
        json_encode($composer, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n");
    exit(0);
}
/** @var array{packages: list<array{name: string, version: string}>} $installed */
$installed = json_decode((string) file_get_contents(__DIR__.'/../vendor/composer/installed.json'), true, flags: JSON_THROW_ON_ERROR);
$now = array_column($installed['packages'], 'version', 'name');
ksort($now);

if (in_array('--write', $argv, true)) {
    file_put_contents($file, json_encode($now, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n");
    exit(0);
}
/** @var array<string, string> $wanted */
$wanted = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
$drift = [];
foreach ($wanted + $now as $name => $version) {
    if (($wanted[$name] ?? 'none') !== ($now[$name] ?? 'none')) {
        $drift[] = "  {$name}: ".($wanted[$name] ?? 'none').' wanted, '.($now[$name] ?? 'none').' installed';
    }
}
if ($drift !== []) {
    fwrite(STDERR,
        "The installed packages are not those of platform/versions.json:\n".implode("\n", $drift)
            ."\nIf this is meant, run php platform/versions.php --write and commit it.\n");
    exit(1);
}
