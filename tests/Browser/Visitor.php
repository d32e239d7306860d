<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\JavascriptErrorException;
use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverWait;

/**
 * Somebody with a browser of their own, beside the one of the test. Each look waits for the page: one that is just
 * being left is looked at again.
 */
final class Visitor
{
    /** What a page says that is just being left. */
    private const PASSING = [
        ElementClickInterceptedException::class, JavascriptErrorException::class, NoSuchElementException::class,
        StaleElementReferenceException::class,
    ];

    private readonly RemoteWebDriver $driver;

    /**
     * @param string $site  where the pages are, as in "http://workshop.local:8080"
     * @param int    $width in pixels of a window as high as a phone's or a laptop's
     */
    public function __construct(string $name, private readonly string $site, private readonly int $width = 390)
    {
        $this->driver = Stage::browser($name, '--host-resolver-rules=MAP workshop.local 127.0.0.1');
        $this->driver->manage()->window()->setSize(new WebDriverDimension($width, $width < 600 ? 844 : 800));
    }

    public function quit(): void
    {
        $this->driver->quit();
    }

    public function open(string $path): void
    {
        $this->driver->get($this->site.$path);
    }

    public function title(): string
    {
        return $this->driver->getTitle();
    }

    public function source(): string
    {
        return $this->driver->getPageSource();
    }

    public function path(): string
    {
        return (string) parse_url($this->driver->getCurrentURL(), \PHP_URL_PATH);
    }

    public function press(string $selector): void
    {
        $this->again(function () use ($selector): bool {
            $this->driver->findElement(WebDriverBy::cssSelector($selector))->click();

            return true;
        }, $selector.' to press');
    }

    public function type(string $id, string $text): void
    {
        $this->again(function () use ($id, $text): bool {
            $this->driver->findElement(WebDriverBy::id($id))->clear()->sendKeys($text);

            return true;
        }, '#'.$id.' to type in');
    }

    /**
     * Waits until a script says true.
     */
    public function until(string $script): void
    {
        $this->again(fn (): bool => true === $this->driver->executeScript($script), $script);
    }

    public function sees(string $text): void
    {
        $this->until('return document.body.innerText.includes('.json_encode($text).')');
    }

    public function finds(string $selector): void
    {
        $this->until('return !!document.querySelector('.json_encode($selector).')?.checkVisibility()');
    }

    /**
     * Returns by how many pixels the page is wider than the window.
     */
    public function overflow(): int
    {
        $wide = $this->driver->executeScript('return document.documentElement.scrollWidth');

        return max(0, (\is_int($wide) ? $wide : \PHP_INT_MAX) - $this->width);
    }

    public function read(string $script): mixed
    {
        return $this->driver->executeScript($script);
    }

    /**
     * @param \Closure(): bool $look
     */
    private function again(\Closure $look, string $what): void
    {
        (new WebDriverWait($this->driver, 10, 50))->until(static function () use ($look): bool {
            try {
                return $look();
            } catch (WebDriverException $failure) {
                return \in_array($failure::class, self::PASSING, true) ? false : throw $failure;
            }
        }, 'Waited in vain for '.$what);
    }
}
