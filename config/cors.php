<?php

declare(strict_types=1);

// the page and its API have one origin: nobody else is let in
return ['paths' => []];
