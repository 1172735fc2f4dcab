<?php

declare(strict_types=1);

/* Runs a stand-in of a device until it is stopped. Arguments: scale PORT. */

use App\StandIn\ScaleServer;

require __DIR__.'/../vendor/autoload.php';

[, $device, $port] = $argv + [null, '', '8710'];
if ($device !== 'scale' || ! ctype_digit((string) $port)) {
    fwrite(STDERR, "There is a stand-in of a scale: ./hojaldre stand-in scale [--port N]\n");
    exit(2);
}
echo "  a scale on http://127.0.0.1:$port (docs/formats/scale.md); Ctrl-C takes it away\n";
(new ScaleServer((int) $port))->run();
