<?php

declare(strict_types=1);

/*
 * Root hands its bough: commands over to the account that North Bough runs as, so that nothing it writes ends up
 * owned by root. A file that only root can read is handed in as a copy; one to be written comes back the same way.
 */
(static function (array $arguments): void {
    if (! function_exists('posix_geteuid') || posix_geteuid() !== 0 || ! str_starts_with($arguments[1] ?? '', 'bough:')) {
        return;
    }
    $root = dirname(__DIR__, 2);
    $movedTo = is_file("{$root}/var/moved-to") ? trim((string) file_get_contents("{$root}/var/moved-to")) : '';
    $var = getenv('NB_VAR') ?: ($movedTo !== '' ? $movedTo : "{$root}/var");
    $account = posix_getpwnam('northbough');
    if ($account === false || ! is_dir($var) || fileowner($var) !== $account['uid']) {
        return;
    }
    $folder = "{$var}/handed-".bin2hex(random_bytes(6));
    mkdir($folder, 0700);
    $returned = [];
    $handed = array_slice($arguments, 1);
    foreach ($handed as $index => $argument) {
        if ($index > 0 && $argument[0] !== '-' && is_file($argument) && is_readable($argument)) {
            mkdir("{$folder}/{$index}");
            $handed[$index] = "{$folder}/{$index}/".basename($argument);
            copy($argument, $handed[$index]);
        } elseif (str_starts_with($argument, '--to=')) {
            $to = substr($argument, 5);
            $to = str_starts_with($to, '/') ? $to : getcwd().'/'.$to;
            mkdir("{$folder}/{$index}");
            $returned["{$folder}/{$index}/".basename($to)] = $to;
            $handed[$index] = "--to={$folder}/{$index}/".basename($to);
        }
    }
    exec('chown -R northbough '.escapeshellarg($folder));
    $artisan = ($movedTo !== '' && is_file("{$movedTo}/app/artisan") ? "{$movedTo}/app" : $root).'/artisan';
    $environment = ['NB_VAR' => $var, 'HOME' => $var] + getenv();
    $process = proc_open(
        ['/usr/sbin/runuser', '-u', 'northbough', '--', PHP_BINARY, $artisan, ...$handed],
        [STDIN, STDOUT, STDERR], $pipes, '/', $environment,
    );
    $status = $process === false ? 1 : proc_close($process);
    foreach ($returned as $from => $to) {
        if ($status === 0 && is_file($from) && ! @copy($from, $to)) {
            fwrite(STDERR, "{$to} cannot be written.\n");
            $status = 1;
        }
    }
    exec('rm -rf '.escapeshellarg($folder));
    exit($status);
})($argv);
