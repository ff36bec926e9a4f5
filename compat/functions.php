<?php

declare(strict_types=1);

/*
 * Functions of PHP 8.5 that the framework calls, for the PHP 8.2 this project runs on; the
 * polyfill package that would bring them cannot be had from the registries used here.
 */

if (!function_exists('array_first')) {
    /**
     * Give the first value of an array, or null of an empty one.
     *
     * @param array<array-key, mixed> $array
     */
    function array_first(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_first($array)];
    }
}

if (!function_exists('array_last')) {
    /**
     * Give the last value of an array, or null of an empty one.
     *
     * @param array<array-key, mixed> $array
     */
    function array_last(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_last($array)];
    }
}

if (!function_exists('get_error_handler')) {
    /** Give the error handler in force without changing it. */
    function get_error_handler(): ?callable
    {
        $handler = set_error_handler(null);
        restore_error_handler();

        return $handler;
    }
}

if (!function_exists('get_exception_handler')) {
    /** Give the exception handler in force without changing it. */
    function get_exception_handler(): ?callable
    {
        $handler = set_exception_handler(null);
        restore_exception_handler();

        return $handler;
    }
}
