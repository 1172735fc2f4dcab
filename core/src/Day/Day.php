<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day;

use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\ListOf;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Document\Whole;
use Hojaldre\Core\Refusal\Refusal;

/**
 * A day at the oven as a cook says it: what is to be ready when, and who and what is there to do it. Minutes are counted from
 * midnight of its date; those before it are the days before.
 */
final readonly class Day implements Judged
{
    /** Limits of ours (definition). */
    public const MOST_ORDERS = 80;

    private const MOST_PINS = 200;

    /** Two days before, one after (definition). */
    public const EARLIEST_MINUTE = -2880;

    public const LATEST_MINUTE = 2880;

    /** So much to spare cooks like to have before a pie is wanted (common practice, no source). */
    public const USUAL_SPARE_MINUTES = 10;

    private const NAME = '^\S(?:.*\S)?$';

    /**
     * @param  string  $date  year, month and day: 2026-11-28
     * @param  list<Order>  $orders
     * @param  int  $spareMinutes  each is planned to be ready so long before it is wanted
     * @param  list<Pin>  $pins  tasks that were put at a time by hand
     * @param  list<Failure>  $failures  ovens that are out
     */
    public function __construct(
        #[Text(1, 80, self::NAME)] public string $name,
        #[Text(10, 10, '^[0-9]{4}-[0-9]{2}-[0-9]{2}$')] public string $date,
        #[ListOf(Order::class, self::MOST_ORDERS)] public array $orders,
        public DayKitchen $kitchen,
        #[Whole(0, 120)] public int $spareMinutes,
        #[ListOf(Pin::class, self::MOST_PINS)] public array $pins,
        #[ListOf(Failure::class, 8)] public array $failures,
    ) {
    }

    public function refusals(): array
    {
        $refusals = $ids = [];
        foreach ($this->orders as $index => $order) {
            if (isset($ids[$order->id])) {
                $refusals[] = new Refusal('order-twice', "/orders/$index/id");
            }
            $ids[$order->id] = true;
        }
        [$year, $month, $day] = array_map(intval(...), explode('-', $this->date) + ['0', '0', '0']);
        if (! checkdate($month, $day, $year)) {
            $refusals[] = new Refusal('no-such-date', '/date');
        }

        return $refusals;
    }

    /** @param  list<Order>  $orders */
    public function withOrders(array $orders): self
    {
        return new self($this->name, $this->date, $orders, $this->kitchen, $this->spareMinutes, $this->pins, $this->failures);
    }

    public function withKitchen(DayKitchen $kitchen): self
    {
        return new self($this->name, $this->date, $this->orders, $kitchen, $this->spareMinutes, $this->pins, $this->failures);
    }

    /** @param  list<Pin>  $pins */
    public function withPins(array $pins): self
    {
        return new self($this->name, $this->date, $this->orders, $this->kitchen, $this->spareMinutes, $pins, $this->failures);
    }
}
