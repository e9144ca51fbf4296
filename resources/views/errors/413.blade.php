@extends('errors.page', ['status' => 413, 'heading' => 'What was sent is too large', 'title' => 'Too large'])

@section('said')
    It takes up to {{ round(config('photos.most_kilobytes') / 1000) }} MB at once. Nothing was changed; go back, and
    choose a smaller photograph or file.
@endsection
