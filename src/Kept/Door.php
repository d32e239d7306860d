<?php

declare(strict_types=1);

namespace Rinkel\App\Kept;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\ORM\Event\OnFlushEventArgs;
use Doctrine\ORM\Events;
use Symfony\Component\DependencyInjection\Attribute\AutowireServiceClosure;

/**
 * Nothing goes into the database that could not be read from it again: what is written is read back first, by whoever
 * reads it later.
 */
#[AsDoctrineListener(Events::onFlush)]
final class Door
{
    private bool $trusts = false;

    /** A thing is checked through its kind: asked for late, since kinds need the database themselves. */
    public function __construct(#[AutowireServiceClosure(Everything::class)] private readonly \Closure $everything) {}

    /**
     * Whether what is written was read by its kind just before, so that once is enough.
     */
    public function trust(bool $trusts): void
    {
        $this->trusts = $trusts;
    }

    public function onFlush(OnFlushEventArgs $event): void
    {
        if ($this->trusts) {
            return;
        }
        $work = $event->getObjectManager()->getUnitOfWork();
        $everything = ($this->everything)();
        \assert($everything instanceof Everything);
        foreach ($work->getScheduledEntityInsertions() as $stored) {
            $everything->of($stored)?->check($stored);
        }
        foreach ($work->getScheduledEntityUpdates() as $stored) {
            if (self::isWritten($work->getEntityChangeSet($stored))) {
                $everything->of($stored)?->check($stored);
            }
        }
    }

    /**
     * Returns whether anything that is read was changed: what only counts, or says when, stays possible where the rest
     * cannot be read any more.
     *
     * @param array<string, mixed> $changes before and after, by field
     */
    private static function isWritten(array $changes): bool
    {
        foreach ($changes as $change) {
            $now = \is_array($change) ? $change[1] ?? null : null;
            if (\is_array($now) || \is_string($now)) {
                return true;
            }
        }

        return false;
    }
}
