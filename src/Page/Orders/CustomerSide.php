<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Orders;

use Rinkel\App\Making\CustomerChoices;
use Rinkel\App\Orders\CustomerLinks;
use Rinkel\App\Orders\StoredOrder;

/**
 * What the page of an order says of its customer's link and answer.
 */
final readonly class CustomerSide
{
    public function __construct(
        private CustomerLinks $links,
        private CustomerChoices $choices,
    ) {}

    /**
     * @return array<string, mixed> by the names of the page
     */
    public function of(StoredOrder $order): array
    {
        $answer = $order->answer();

        return [
            'answer' => $answer,
            'names' => null === $answer ? [] : $this->choices->names(),
            'standing' => $this->links->of($order),
            'link_days' => CustomerLinks::DAYS,
        ];
    }
}
