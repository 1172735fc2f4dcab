<?php

declare(strict_types=1);

// no server-side pages; the framework still asks where they would be
return ['paths' => [], 'compiled' => storage_path('framework/views')];
