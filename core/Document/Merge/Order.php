<?php

namespace DuskSwitch\Core\Document\Merge;

/** The order of what stands in a list, by ids. */
final class Order
{
    /**
     * One order with what only the other has put behind what it follows there.
     *
     * @param  list<int|string>  $order
     * @param  list<int|string>  $other
     * @return list<int|string>
     */
    public static function with(array $order, array $other): array
    {
        $before = null;
        foreach ($other as $id) {
            if (! in_array($id, $order, true)) {
                $place = $before === null ? 0 : (int) array_search($before, $order, true) + 1;
                array_splice($order, $place, 0, [$id]);
            }
            $before = $id;
        }

        return $order;
    }

    /**
     * Those of an order that are in another list, too.
     *
     * @param  list<int|string>  $order
     * @param  list<int|string>  $of
     * @return list<int|string>
     */
    public static function within(array $order, array $of): array
    {
        return array_values(array_filter($order, fn (int|string $id): bool => in_array($id, $of, true)));
    }

    /**
     * True where what is in both stands in another order.
     *
     * @param  list<int|string>  $one
     * @param  list<int|string>  $other
     */
    public static function differs(array $one, array $other): bool
    {
        return self::within($one, $other) !== self::within($other, $one);
    }
}
