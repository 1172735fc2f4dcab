<?php

declare(strict_types=1);

namespace App\Kitchen;

use Illuminate\Database\Eloquent\Builder;

/**
 * A row of a kitchen: the kitchen comes first in every key, so it is named in every write too.
 *
 * @property string $kitchen_id
 */
trait OfKitchen
{
    /**
     * @param  Builder<static>  $query
     * @return Builder<static>
     */
    protected function setKeysForSaveQuery($query): Builder
    {
        parent::setKeysForSaveQuery($query);

        return $query->where('kitchen_id', $this->kitchen_id);
    }
}
