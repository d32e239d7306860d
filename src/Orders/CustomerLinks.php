<?php

declare(strict_types=1);

namespace Rinkel\App\Orders;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Rinkel\App\Platform\Http\AccessToken;

/**
 * Links by which customers see their orders and answer: one for each order, which nobody can guess.
 */
final readonly class CustomerLinks
{
    /** Days for which a link can be made. */
    public const DAYS = [7, 30, 90];

    public function __construct(
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
        private Randomizer $random,
    ) {}

    /**
     * Makes a link, and returns its token; the one before it leads nowhere from now on.
     */
    public function make(StoredOrder $order, int $days): string
    {
        $token = AccessToken::of($this->random);
        $expires = $this->clock->now()->getTimestamp() + $days * 86400;
        $there = $this->found($order);
        $there?->renew($token->proof(), $expires);
        $this->manager->persist($there ?? new StoredLink($order, $token->proof(), $expires));
        $this->manager->flush();

        return $token->text;
    }

    /**
     * Returns the order to which a token leads; null for none, or an archived one.
     */
    public function order(string $token): ?StoredOrder
    {
        $proof = AccessToken::read($token)?->proof();
        $link = null !== $proof
            ? $this->manager->getRepository(StoredLink::class)->findOneBy(['proof' => $proof])
            : null;

        return null !== $link && $link->expires() > $this->clock->now() && null === $link->order()->closedAt()
            ? $link->order()
            : null;
    }

    /**
     * Returns the link that leads to an order now.
     */
    public function of(StoredOrder $order): ?StoredLink
    {
        $link = $this->found($order);

        return null !== $link && $link->expires() > $this->clock->now() ? $link : null;
    }

    public function withdraw(StoredOrder $order): void
    {
        $link = $this->found($order);
        if (null !== $link) {
            $this->manager->remove($link);
            $this->manager->flush();
        }
    }

    private function found(StoredOrder $order): ?StoredLink
    {
        return $this->manager->getRepository(StoredLink::class)->findOneBy(['order' => $order]);
    }
}
