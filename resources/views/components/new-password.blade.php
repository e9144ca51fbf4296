{{-- A password that is made now, typed twice. --}}
@props(['label' => 'Password'])
<x-password name="password" :$label hint="Ten characters or more; a few words are easier than signs." kind="new" />
<x-password name="password_confirmation" label="{{ $label }} again" kind="new" />
