<?php

declare(strict_types=1);

namespace Rinkel\App\Jobs;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/**
 * Something that takes too long for a page to wait for it.
 */
#[AutoconfigureTag]
interface LongWork
{
    /**
     * Returns its word: "job.<word>" says what it does.
     */
    public function word(): string;

    /**
     * Does it, all or nothing.
     *
     * @param array<mixed> $asked
     * @param string       $folder of its own, gone a day later: a file in it that the result names is for who asked
     *
     * @return array<mixed> "file" and "name" of a file to have, or "to" and "with" of a page to go to
     *
     * @throws JobCancelled If progress says that nobody wants it any more
     */
    public function do(array $asked, string $folder, JobProgress $progress): array;
}
